package roundpocket.core.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.cut.CutFound;
import roundpocket.core.cut.CutWish;
import roundpocket.core.cut.Piece;
import roundpocket.core.cut.Stretch;
import roundpocket.core.cut.Stretch.Kind;
import roundpocket.core.explain.Problem;
import roundpocket.core.measure.Amount;
import roundpocket.core.yarn.Left;

/** Says why a tube is cut so. */
final class CutWords {
    private final TubeStock.Known tube;
    private final List<String> names;
    private final List<CutWish> wishes;
    private final CutFound found;

    CutWords(TubeStock.Known tube, List<String> names, List<CutWish> wishes, CutFound found) {
        this.tube = tube;
        this.names = names.stream().map(CutWords::plain).toList();
        this.wishes = wishes;
        this.found = found;
    }

    /** A name that no amount is put into. */
    static String plain(String name) {
        return name.replace("{", "(").replace("}", ")");
    }

    List<Problem> reasons(Optional<Left> contrast) {
        List<Problem> said = new ArrayList<>();
        ravelled(said);
        contrast.ifPresent(left -> said.add(contrast(left)));
        for (Stretch stretch : found.layout().stretches()) {
            boolean second = stretch.kind() == Kind.REMNANT
                    && !stretch.equals(found.layout().remnants().get(0));
            if (stretch.kind() == Kind.GIVEN_UP || second) {
                givenUp(said, stretch);
            }
        }
        for (int i = 0; i < found.chosen().size(); i++) {
            pair(said, i);
        }
        if (!found.proven()) {
            said.add(say(
                    "cut.unproven",
                    "With so many pairs not every order could be tried: there may be one that leaves {rounds} or two more.",
                    "rounds",
                    Amount.rounds(1)));
        }
        return said;
    }

    private Problem contrast(Left left) {
        List<String> whose = found.chosen().stream()
                .filter(wish -> wishes.get(wish).ravelRounds() == 0)
                .map(names::get)
                .toList();
        boolean short_ = left.left().value() < 0;
        return new Problem(
                "cut.contrast",
                "contrastG",
                "The other cake is one: heels, toes and cuffs of " + listed(whose)
                        + " take {needed} of it, give or take {unsure}; "
                        + (short_ ? "{less} are missing" : "{left} are left") + ": "
                        + left.enough().title() + ".",
                "",
                Map.of(
                        "needed",
                        Amount.grams(left.needed().value()),
                        "unsure",
                        Amount.grams(left.needed().plusMinus95()),
                        short_ ? "less" : "left",
                        Amount.grams(Math.abs(left.left().value()))));
    }

    private void ravelled(List<Problem> said) {
        if (found.layout().ravelled() > 0) {
            List<String> whose = found.chosen().stream()
                    .filter(wish -> wishes.get(wish).ravelRounds() > 0)
                    .map(names::get)
                    .toList();
            boolean atToe = found.layout().stretches().get(0).kind() == Kind.RAVEL;
            said.add(say(
                    "cut.ravelled",
                    "First unravel {rounds} from " + (atToe ? "the toe end" : "the cuff end")
                            + ": that is the yarn for the heels, toes and cuffs of " + listed(whose) + "."
                            + (tube.repeat().isPresent()
                                    ? " Wind them into a ball as they come off and knit from its outside; the plan’s colours count on that."
                                    : ""),
                    "rounds",
                    Amount.rounds(found.layout().ravelled())));
        }
    }

    /** Rounds given up between two pieces are so for the pairs whose socks lie on either side. */
    private void givenUp(List<Problem> said, Stretch stretch) {
        Amount rounds = Amount.rounds(stretch.rounds());
        String are = stretch.rounds() == 1 ? "{rounds} is" : "{rounds} are";
        List<Integer> across = new ArrayList<>();
        for (int i = 0; i < found.chosen().size(); i++) {
            int wish = found.chosen().get(i);
            List<Piece> pieces = pieces(wish);
            boolean across_ = pieces.size() == 2
                    && pieces.get(0).to() <= stretch.from()
                    && pieces.get(1).from() >= stretch.to();
            if (across_
                    && wishes.get(wish).alike()
                    && found.matched().get(i)
                    && tube.repeat().isPresent()) {
                across.add(wish);
            }
        }
        boolean kept = stretch.kind() == Kind.REMNANT;
        if (across.isEmpty()) {
            said.add(
                    kept
                            ? say("cut.second-remnant", "A second piece of {rounds} is left over.", "rounds", rounds)
                            : say("cut.given-up", are + " unravelled: too few to be worth a cut.", "rounds", rounds));
        } else {
            String colours = listed(across.stream()
                    .map(wish -> tube.colour(tube.bandAt(pieces(wish).get(0).from())))
                    .distinct()
                    .toList());
            said.add(say(
                    "cut.for-stripes",
                    (kept ? "A second piece of {rounds} is left over" : are + " lost")
                            + " between the pieces so that both socks of " + listed(names(across))
                            + " begin with the same " + colours + ".",
                    "rounds",
                    rounds));
        }
    }

    private void pair(List<Problem> said, int number) {
        int wish = found.chosen().get(number);
        CutWish wanted = wishes.get(wish);
        String name = names.get(wish);
        List<Piece> pieces = pieces(wish);
        if (wanted.alike() && !found.matched().get(number)) {
            said.add(say(
                    "cut.unmatched",
                    "The two socks of " + name + " begin {rounds} apart in the stripes.",
                    "rounds",
                    Amount.rounds(Math.abs(Math.rint(found.apart().get(number).orElseThrow() * 10) / 10))));
        }
        int shortest = pieces.stream().mapToInt(Piece::legRounds).min().orElseThrow();
        int longest = pieces.stream().mapToInt(Piece::legRounds).max().orElseThrow();
        if (shortest != longest) {
            said.add(say(
                    "cut.legs-unequal",
                    "The legs of " + name + " differ by {rounds}.",
                    "rounds",
                    Amount.rounds(longest - shortest)));
        }
        if (shortest < wanted.legFrom()) {
            said.add(say(
                    "cut.leg-short",
                    "The leg of " + name + " is {rounds} shorter than you wished.",
                    "rounds",
                    Amount.rounds(wanted.legFrom() - shortest)));
        } else if (shortest < wanted.legTo()) {
            said.add(say(
                    "cut.leg-between",
                    "The leg of " + name + " could be {rounds} longer if the tube had room.",
                    "rounds",
                    Amount.rounds(wanted.legTo() - shortest)));
        }
    }

    /** What this cut gives and gives up beside another. */
    List<Problem> beside(CutFound best) {
        List<Problem> said = new ArrayList<>();
        more(
                said,
                "cut.beside.legs",
                found.legRounds() - best.legRounds(),
                "Legs {rounds} longer in all.",
                "Legs {rounds} shorter in all.");
        int matches = found.matches() - best.matches();
        if (matches != 0) {
            String pairs = Math.abs(matches) == 1 ? "{number} pair" : "{number} pairs";
            said.add(say(
                    "cut.beside.matches",
                    matches > 0 ? pairs + " more with matching stripes." : pairs + " fewer with matching stripes.",
                    "number",
                    Amount.number(Math.abs(matches))));
        }
        int remnant = found.remnantRounds() - best.remnantRounds();
        more(
                said,
                "cut.beside.remnant",
                remnant,
                "{rounds} more left over.",
                found.remnantRounds() == 0 ? "The {rounds} left over are used up." : "{rounds} fewer left over.");
        int cuts = found.layout().cuts() - best.layout().cuts();
        if (cuts != 0) {
            String times = Math.abs(cuts) == 1 ? "{number} cut" : "{number} cuts";
            said.add(say(
                    "cut.beside.cuts",
                    times + (cuts > 0 ? " more." : " fewer."),
                    "number",
                    Amount.number(Math.abs(cuts))));
        }
        int pairs = found.chosen().size() - best.chosen().size();
        if (pairs < 0) {
            said.add(say(
                    "cut.beside.pairs",
                    pairs == -1 ? "{number} pair fewer." : "{number} pairs fewer.",
                    "number",
                    Amount.number(-pairs)));
        }
        return said;
    }

    private static void more(List<Problem> said, String code, int rounds, String more, String fewer) {
        if (rounds != 0) {
            said.add(say(code, rounds > 0 ? more : fewer, "rounds", Amount.rounds(Math.abs(rounds))));
        }
    }

    private List<Piece> pieces(int wish) {
        return found.layout().pieces().stream().filter(p -> p.wish() == wish).toList();
    }

    private List<String> names(List<Integer> chosen) {
        return chosen.stream().map(names::get).toList();
    }

    private static String listed(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }

    private static Problem say(String code, String sentence, String name, Amount amount) {
        return new Problem(code, "", sentence, "", Map.of(name, amount));
    }
}
