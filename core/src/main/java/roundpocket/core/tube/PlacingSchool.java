package roundpocket.core.tube;

import java.util.Locale;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Unit;
import roundpocket.core.tube.Placing.From;

/** The schools of placing the heel: how far from the tip of the toe it opens. */
public enum PlacingSchool implements Named {
    OWN_HEEL("by the heel’s depth", "foot length less the depth of your heel", "any heel") {
        @Override
        Optional<Step> distance(From from) {
            return Optional.of(from.lessHeel(from.foot()));
        }
    },
    TWO_INCHES_SHORT(
            "2 in (5.1 cm) short", "2 in before the end of the foot", "working in inches", 2 * LengthUnit.INCH_MM),
    FIVE_CM_SHORT("5 cm short", "5 cm before the end of the foot", "working in centimetres", 50),
    INCH_AND_A_HALF_SHORT(
            "1½ in (3.8 cm) short", "1½ in before the end of the foot", "shallow heels", 1.5 * LengthUnit.INCH_MM),
    TWO_AND_A_HALF_SHORT(
            "2½ in (6.4 cm) short", "2½ in before the end of the foot", "deep heels", 2.5 * LengthUnit.INCH_MM),
    THREE_QUARTERS(
            "three quarters",
            "the heel takes a quarter of the length",
            "small feet, where a fixed length takes too much",
            "three quarters of the foot",
            3 / 4.0),
    TWO_THIRDS(
            "two thirds",
            "the heel takes a third of the length",
            "deep heels and high insteps",
            "two thirds of the foot",
            2 / 3.0),
    OWN_DISTANCE(
            "your own distance",
            "measured from the tip of the toe, or from where the toe begins, and kept for this foot",
            "a foot that you have knitted for before") {
        @Override
        Optional<Step> distance(From from) {
            return from.ownDistance();
        }
    },
    ON_THE_FOOT(
            "on the foot",
            "try the tube on: the heel line goes where it reaches the front of the ankle and will go no further",
            "anyone who can try it on") {
        @Override
        Optional<Step> distance(From from) {
            return from.mark();
        }
    },
    AT_COLOUR(
            "at a colour change",
            "between two bands of a striping yarn, or at the middle of one",
            "a heel that keeps the stripes whole") {
        @Override
        Optional<Step> distance(From from) {
            return from.colourChange();
        }
    },
    BY_SHOE_SIZE(
            "by shoe size",
            "the foot length the shoe size stands for, less the depth of your heel",
            "a present for a foot that cannot be measured") {
        @Override
        Optional<Step> distance(From from) {
            return from.shoeFoot().map(from::lessHeel);
        }
    };

    private static final String OWN_HEEL_REASON = "the heel cup, once closed, reaches back as deep as it is long";

    private final String title;
    private final String description;
    private final String goodFor;
    private final Optional<Constant> constant;
    private final boolean share;

    PlacingSchool(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
        this.constant = Optional.empty();
        this.share = false;
    }

    PlacingSchool(String title, String description, String goodFor, double shortMm) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
        this.share = false;
        this.constant = Optional.of(
                Constant.of(id(), "short of the foot by", shortMm, Unit.MILLIMETRES, Source.practice(description)));
    }

    PlacingSchool(String title, String description, String goodFor, String label, double share) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
        this.share = true;
        this.constant = Optional.of(Constant.of(id(), label, share, Unit.PERCENT, Source.practice(description)));
    }

    private String id() {
        return "tube.placing." + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String title() {
        return title;
    }

    /** After “the heel line is placed”. */
    @Override
    public String phrase() {
        return switch (this) {
            case OWN_HEEL -> "to suit the heel’s depth";
            case TWO_INCHES_SHORT, FIVE_CM_SHORT, INCH_AND_A_HALF_SHORT, TWO_AND_A_HALF_SHORT ->
                title + " of the foot’s length";
            case BY_SHOE_SIZE -> title;
            case THREE_QUARTERS, TWO_THIRDS -> title + " along the foot";
            case OWN_DISTANCE -> "at " + title;
            case AT_COLOUR -> title;
            case ON_THE_FOOT -> "where you marked it on the foot";
        };
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    @Override
    public Source source() {
        return constant.map(Constant::source)
                .orElse(this == OWN_HEEL ? Source.derived(OWN_HEEL_REASON) : Source.COMMON_KNOWLEDGE);
    }

    /** Whether the knitter says the very round. */
    public boolean marked() {
        return this == ON_THE_FOOT || this == AT_COLOUR;
    }

    /** The share of the foot at which the heel opens; 1 where the school takes the whole foot, less something. */
    public double footShare() {
        return share ? constant.orElseThrow().value() : 1;
    }

    /** The number that makes the school, where there is one. */
    public Optional<Constant> constant() {
        return constant;
    }

    /** Millimetres from the tip of the toe to the opening; empty where what the school looks at is not known. */
    Optional<Step> distance(From from) {
        return constant.map(number -> Computed.of(
                title,
                Unit.MILLIMETRES,
                (share ? TubeRules.SHARE_OF_FOOT : TubeRules.SHORT_OF_FOOT).of(from.foot(), number.step())));
    }
}
