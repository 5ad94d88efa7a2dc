package roundpocket.app.pairs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.pairs.PairView.YarnLinkView;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.yarn.Left;

/** Answers what is left of a yarn after each of its pairs, and for which others it would do. */
@Service
public class YarnUses {
    private final PairsShelf pairs;
    private final YarnsShelf yarns;
    private final YarnSettledRepository settled;

    YarnUses(PairsShelf pairs, YarnsShelf yarns, YarnSettledRepository settled) {
        this.pairs = pairs;
        this.yarns = yarns;
        this.settled = settled;
    }

    /**
     * The pairs planned from it in the order they were begun, then the others. A finished pair has taken its share already:
     * it is off the shelf.
     */
    @Transactional(readOnly = true)
    public List<YarnUseView> of(UUID yarnId) {
        YarnPart yarn = yarns.row(yarnId).kept().yarn();
        StripingPart stripes = yarns.row(yarnId).kept().striping();
        List<Need> planned = new ArrayList<>();
        List<Need> others = new ArrayList<>();
        for (PairView pair : pairs.list()) {
            if (settled.existsById(pair.id())) {
                continue;
            }
            YarnLinkView from = pair.yarn();
            boolean mine = from != null && from.id().equals(yarnId);
            need(pair, yarn, stripes).ifPresent((mine ? planned : others)::add);
        }
        List<Left> after = yarn.toCore()
                .atHand("yarn")
                .map(atHand ->
                        Left.inTurn(atHand, planned.stream().map(Need::grams).toList()))
                .orElse(List.of());
        List<YarnUseView> uses = new ArrayList<>();
        for (int i = 0; i < planned.size(); i++) {
            uses.add(planned.get(i).view(true, after.isEmpty() ? null : after.get(i)));
        }
        others.forEach(need -> uses.add(need.view(false, need.alone().orElse(null))));
        return uses;
    }

    /** What a pair would take of the yarn; empty where no plan can be made from it. */
    private static Optional<Need> need(PairView pair, YarnPart yarn, @Nullable StripingPart stripes) {
        try {
            var main = pair.spec().from(yarn, stripes).plan().yarn().of(YarnRole.MAIN);
            return Optional.of(new Need(pair, main.needed(), main.left()));
        } catch (Refusal notFromThis) {
            return Optional.empty();
        }
    }

    private record Need(PairView pair, Step grams, Optional<Left> alone) {
        YarnUseView view(boolean planned, @Nullable Left left) {
            return new YarnUseView(
                    pair.id(),
                    pair.name(),
                    planned,
                    grams.value(),
                    grams.plusMinus95(),
                    left == null ? null : left.left().value(),
                    left == null ? null : left.enough(),
                    left == null ? null : left.enough().title());
        }
    }
}
