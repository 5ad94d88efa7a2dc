package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.List;

/** Chooses which pairs a tube gives: as many as it can, and of as many the earliest wishes. */
final class Choosing {
    private final CutTube tube;
    private final List<CutWish> wishes;

    Choosing(CutTube tube, List<CutWish> wishes) {
        this.tube = tube;
        this.wishes = wishes;
    }

    /** The numbers of the wishes that are met; none where not one is. */
    List<Integer> best() {
        int best = 0;
        for (int set = 1; set < 1 << wishes.size(); set++) {
            int more = Integer.bitCount(set) - Integer.bitCount(best);
            boolean earlier = Integer.reverse(set) > 0 == Integer.reverse(best) > 0
                    ? Integer.reverse(set) > Integer.reverse(best)
                    : Integer.reverse(set) < 0;
            if (missing(numbers(set)) <= 0 && (more > 0 || more == 0 && earlier)) {
                best = set;
            }
        }
        return numbers(best);
    }

    /** Rounds that are lacking for these wishes with their shortest legs; 0 or less where they fit. */
    int missing(List<Integer> chosen) {
        return tube.socks()
                        * chosen.stream()
                                .map(wishes::get)
                                .mapToInt(wish -> wish.footRounds() + wish.legFrom())
                                .sum()
                - room(chosen);
    }

    /** Rounds for pieces and for what is given up. */
    int room(List<Integer> chosen) {
        int ravelled = ravelled(chosen);
        return tube.rounds()
                - Layout.before(tube, ravelled)
                - Layout.behind(tube, ravelled)
                - (tube.socks() * chosen.size() - 1) * tube.gap();
    }

    /** Rounds unravelled from each tube; a round that is begun is unravelled whole. */
    int ravelled(List<Integer> chosen) {
        double exactly = chosen.stream()
                        .mapToDouble(number -> wishes.get(number).ravelRounds())
                        .sum()
                / (tube.two() ? 2 : 1);
        return (int) Math.ceil(exactly - 1e-9);
    }

    private List<Integer> numbers(int set) {
        List<Integer> numbers = new ArrayList<>();
        for (int number = 0; number < wishes.size(); number++) {
            if ((set >> number & 1) == 1) {
                numbers.add(number);
            }
        }
        return numbers;
    }
}
