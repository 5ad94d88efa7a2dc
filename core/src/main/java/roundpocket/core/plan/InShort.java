package roundpocket.core.plan;

import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.HeelLine;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.TubeRounds;
import roundpocket.core.tube.Way;

/** The figures that matter while knitting, each in a sentence or two that say why it is what it is. */
public final class InShort {
    private final SockPlan plan;
    private final Map<Step, Sentence> all = new IdentityHashMap<>();

    private InShort(SockPlan plan) {
        this.plan = plan;
    }

    /** What is said of a plan's figures; by the figure itself, not by its value. */
    public static Map<Step, Sentence> of(SockPlan plan) {
        InShort made = new InShort(plan);
        made.stitches();
        made.tube();
        made.cuffAndPickUp();
        made.shaping(plan.heel().shaping(), plan.opening().heelSide());
        made.shaping(plan.toe().shaping(), plan.stitchCount().half());
        made.yarn();
        return made.all;
    }

    /** Amounts by name, in the order in which they are said. */
    private static final class Said {
        private final Map<String, Amount> amounts = new LinkedHashMap<>();

        Said with(String name, Step step) {
            return with(name, step.value(), step.unit());
        }

        Said with(String name, double value, Unit unit) {
            amounts.put(name, new Amount(value, unit));
            return this;
        }
    }

    private void say(Step figure, String words, Said said) {
        all.put(figure, new Sentence(words, said.amounts));
    }

    private void stitches() {
        Step stitches = plan.stitchCount().stitches();
        Said said = new Said().with("stitches", stitches);
        if (plan.tube().way() == Way.READY_TUBE) {
            say(stitches, "You counted {stitches} around the tube.", said);
        } else if (stitches instanceof Given) {
            double ease = plan.stitchCount().realEase().value();
            say(
                    stitches,
                    "You chose {stitches}: the sock is then {ease} " + (ease < 0 ? "larger" : "smaller")
                            + " than the foot.",
                    said.with("ease", Math.abs(ease), Unit.PERCENT));
        } else {
            Step ball = plan.basis().foot().ballGirth();
            Step ease = plan.basis().ease();
            String smaller = ease.value() == 0 ? "" : " {ease} smaller, that is {girth}.";
            say(
                    stitches,
                    "The ball is {ball} around." + smaller
                            + " At {gauge} that takes {ideal}, rounded so that halves, rib"
                            + " and decreases come out.",
                    new Said()
                            .with("ball", ball)
                            .with("ease", ease)
                            .with("girth", ball.value() * (1 - ease.value()), ball.unit())
                            .with("gauge", plan.basis().gauge().stitches())
                            .with("ideal", plan.stitchCount().ideal()));
        }
    }

    private void tube() {
        HeelLine line = plan.tube().heelLine();
        TubeRounds rounds = plan.tube().rounds();
        if (line.count().from().atTheToe()) {
            fromTheToe(line.count().rounds(), line.count().from() == CountFrom.END_OF_TOE);
        } else {
            fromTheCuff(line.count().rounds(), line.count().from() == CountFrom.START_OF_LEG);
            fromTheCuff(line.countedFrom(CountFrom.START_OF_LEG).rounds(), true);
            fromTheToe(rounds.foot(), true);
        }
        fromTheCuff(rounds.leg(), true);
    }

    private void fromTheToe(Step figure, boolean lessToe) {
        HeelLine line = plan.tube().heelLine();
        String begin = line.placing().school() == PlacingSchool.OWN_HEEL
                ? "{foot} of foot less {depth} of heel is {fromToe} from the toe tip: {opening} at {gauge}."
                : "The heel line is {fromToe} from the toe tip: {opening} at {gauge}.";
        say(
                figure,
                begin + (lessToe ? " {toe} of them are the toe, so {rounds} are left." : ""),
                new Said()
                        .with("foot", plan.tube().wanted().foot())
                        .with("depth", plan.heel().shaping().depth())
                        .with("fromToe", line.fromToe())
                        .with("opening", line.round())
                        .with("gauge", plan.basis().gauge().rounds())
                        .with("toe", plan.toe().shaping().rounds())
                        .with("rounds", figure));
    }

    private void fromTheCuff(Step figure, boolean lessCuff) {
        Step cuff = plan.cuff().rounds();
        double whole = plan.tube().rounds().leg().value() + cuff.value();
        String begin = plan.tube().wanted().legIsResult()
                ? "The tube leaves a leg of {leg}, cuff included: {all}."
                : "The leg is {leg} from the heel line to the cuff’s edge: {all}.";
        say(
                figure,
                begin + (lessCuff ? " {cuff} of them are the cuff, so {rounds} are left." : ""),
                new Said()
                        .with("leg", plan.tube().wanted().legAbove())
                        .with("all", whole, Unit.ROUNDS)
                        .with("cuff", cuff)
                        .with("rounds", figure));
    }

    private void cuffAndPickUp() {
        say(
                plan.cuff().rounds(),
                "{rounds} of " + plan.cuff().rib().title() + " are {length} tall.",
                new Said()
                        .with("rounds", plan.cuff().rounds())
                        .with("length", plan.tube().lengths().cuff()));
        say(
                plan.opening().below(),
                "Half of {stitches} around the tube, below the heel line and above it.",
                new Said().with("stitches", plan.stitchCount().stitches()));
    }

    private void shaping(Shaping shaping, Step side) {
        Said said = new Said()
                .with("plain", shaping.plainRounds())
                .with("shaped", shaping.rounds().value() - shaping.plainRounds().value(), Unit.ROUNDS)
                .with("side", side)
                .with("closing", shaping.closingSide())
                .with("depth", shaping.depth());
        boolean straight = shaping.plainRounds().value() == 0;
        String plain = straight ? "" : shaping.begun() ? ", then {plain} plain" : "{plain} plain, then ";
        String shaped = shaping.begun()
                ? "{shaped} from {closing} to {side} on each needle"
                : "{shaped} from {side} to {closing} on each needle";
        if (!shaping.school().inRounds()) {
            say(
                    shaping.rounds(),
                    (straight ? "Short rows" : "{plain} plain, then short rows")
                            + " from {side} down to {closing} and back: {depth} deep in all.",
                    said);
            return;
        }
        say(shaping.rounds(), (shaping.begun() ? shaped + plain : plain + shaped) + ": {depth} deep in all.", said);
    }

    private void yarn() {
        YarnNeed yarn = plan.yarn();
        boolean alike = yarn.pairMetres().value() == 2 * yarn.sockMetres().value();
        say(
                yarn.pairGrams(),
                alike
                        ? "Each sock has {stitches} stitches, and each of them takes {each} of yarn. With the tails that is"
                                + " {metres} a sock, so {grams} for two."
                        : "This sock has {stitches} stitches, and each of them takes {each} of yarn. With the tails that is"
                                + " {metres}; with the other sock {grams}.",
                new Said()
                        .with("stitches", yarn.sockStitches().value(), Unit.NUMBER)
                        .with("each", yarn.loopLength().value() * yarn.factor().value(), Unit.MILLIMETRES)
                        .with("metres", yarn.sockMetres())
                        .with("grams", yarn.pairGrams()));
    }
}
