package roundpocket.core.judge;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import roundpocket.core.explain.Named;
import roundpocket.core.plan.SockPlan;

/** Where the work can hurt someone. Usual advice, and no medical advice: that is for those licensed to give it. */
public enum Caution implements Named {
    FEET_AT_RISK(
            "Feet with little feeling or slow healing",
            "With diabetes, numbness, poor circulation, swelling or wounds, a ridge, a tight cuff or a hidden tail can"
                    + " injure without being felt. Ask their doctor or podiatrist first; choose flat grafts, loose"
                    + " cuffs"
                    + " and no knots. Round Pocket gives no medical advice.",
            Stage.MEASURE,
            Stage.WEAR),
    ALLERGY(
            "Wool and dyes",
            "Wool or its dye can irritate the skin. If so, ask what the wearer can tolerate.",
            Stage.MEASURE),
    NEEDLES("Pointed needles", "Keep needles out of a toddler’s reach and out of back pockets.", Stage.KNIT),
    HANDS("Hands", "Pause and stretch. See a doctor about pain that doesn’t go away.", Stage.KNIT, Stage.GRAFT),
    SCISSORS("Scissors", "One hand flat inside the tube, points up and away, good light, and rested.", Stage.OPEN) {
        @Override
        boolean appliesTo(SockPlan plan) {
            return plan.opening().way().cuts();
        }
    },
    BABIES(
            "Babies",
            "Inside, floats and tails can wind around a toe: weave short, and look and feel inside before each"
                    + " wearing.",
            Stage.FINISH,
            Stage.WEAR) {
        @Override
        boolean appliesTo(SockPlan plan) {
            return plan.basis().foot().length().value() < BABY_FOOT_MM;
        }
    },
    STAIRS("New socks", "New socks slip on smooth stairs.", Stage.WEAR);

    /** Feet up to about two years of age, from memory. */
    private static final double BABY_FOOT_MM = 140;

    private final String title;
    private final String description;
    private final Set<Stage> stages;

    Caution(String title, String description, Stage first, Stage... others) {
        this.title = title;
        this.description = description;
        this.stages = EnumSet.of(first, others);
    }

    /** Whether it is told at a step: of scissors only where they are used. */
    public boolean belongsTo(Stage stage, boolean cuts) {
        return stages.contains(stage) && (this != SCISSORS || cuts);
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    /** The steps of the work that it belongs to. */
    public Set<Stage> stages() {
        return EnumSet.copyOf(stages);
    }

    boolean appliesTo(SockPlan plan) {
        return true;
    }

    /** The cautions that a plan calls for. */
    public static List<Caution> of(SockPlan plan) {
        return Arrays.stream(values())
                .filter(caution -> caution.appliesTo(plan))
                .toList();
    }
}
