package roundpocket.app.plans;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.Graft;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.ToeOnFoot;
import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.pattern.PatternRow;
import roundpocket.core.pattern.PatternStitch;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.plan.AxisRound;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.PatternPlan;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.plan.WorkedRound;
import roundpocket.core.plan.YarnNeed;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.shaping.Turning;
import roundpocket.core.swatch.NeedleSize;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * Writes what the core computes as the core has it. A step becomes a {@link FigureView}, whose place leads to its
 * working; one of a few that has a name for the knitter is written with it inside the core's results, and by its identity
 * alone in what is read again.
 */
@Component
public class CoreJson extends SimpleModule {
    /** What is written otherwise than its record has it, and why: by the class that it is said of. */
    public static final Map<Class<?>, Class<?>> OTHERWISE = Map.ofEntries(
            Map.entry(Shaping.class, AsShown.class),
            Map.entry(PatternRow.class, WithWords.class),
            Map.entry(ShapingRound.class, WithoutBoth.class),
            Map.entry(TechniqueChoice.class, Brief.class),
            Map.entry(Placing.class, ByTitle.class),
            Map.entry(PatternPlan.class, WithoutRounds.class),
            Map.entry(Patterned.class, Brief.class),
            Map.entry(ToeOnFoot.class, BriefSchool.class),
            Map.entry(ToeOnFoot.Tried.class, BriefSchool.class),
            Map.entry(ToeOnFoot.Worn.class, Drawn.class),
            Map.entry(ToeOnFoot.Place.class, Drawn.class),
            Map.entry(HeelRoom.class, WithVerdict.class),
            Map.entry(YarnNeed.class, WithoutModels.class),
            Map.entry(WorkedRound.class, Drawn.class),
            Map.entry(AxisRound.class, Listed.class),
            Map.entry(StripePlan.ColourRound.class, Drawn.class),
            Map.entry(Outline.Span.class, BriefSection.class),
            Map.entry(Outline.Edge.class, Drawn.class),
            Map.entry(Graft.class, WithoutMoves.class),
            Map.entry(NeedleSize.class, BothNames.class));

    /** How a name is written that is not to be explained as well. */
    private static final String TITLE = "title";

    public CoreJson() {
        super("core");
        addSerializer(Step.class, new Figures());
        addSerializer(Named.class, new Names(false, false));
        OTHERWISE.forEach(this::setMixInAnnotation);
    }

    /** The school and the close that were taken rather than what was wished; the rounds stand in the plan, with their yarn. */
    @JsonIgnoreProperties({"choice", "list", "widths"})
    private interface AsShown {
        @JsonProperty
        ShapingSchool school();

        @JsonProperty
        Close close();

        @JsonProperty
        Leaning leaning();
    }

    /** By their identity alone: the recipe tells them. */
    private interface Brief {
        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Optional<Turning> turning();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Optional<Provisional> provisional();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Optional<RoundStart> roundStart();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Optional<HeelWhen> heelWhen();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        PatternPlace place();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Motif motif();
    }

    /** Those on each needle say it; both together are twice as many, in rows just as many. */
    @JsonIgnoreProperties("stitches")
    private interface WithoutBoth {}

    /** Round by round it is told in the lap. */
    @JsonIgnoreProperties({"onFoot", "onLeg", "legBegins"})
    private interface WithoutRounds {}

    /** Methods by their identity alone: the recipe tells them. */
    private interface BriefSchool {
        @JsonFormat(shape = JsonFormat.Shape.STRING)
        ShapingSchool school();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        ShapingSchool closest();

        @JsonFormat(shape = JsonFormat.Shape.STRING)
        List<ShapingSchool> asClose();
    }

    /** Without what it means: the recipe tells that. */
    private interface ByTitle {
        @JsonFormat(pattern = TITLE)
        PlacingSchool school();
    }

    /** The stitches by their identity alone: there are hundreds of them. */
    private interface WithWords {
        @JsonFormat(shape = JsonFormat.Shape.STRING)
        List<PatternStitch> stitches();

        @JsonProperty
        String words();
    }

    /** The moves are told one by one in the lap. */
    @JsonIgnoreProperties("list")
    private interface WithoutMoves {}

    private interface WithVerdict {
        @JsonProperty
        HeelRoom.Sits sits();
    }

    /** What later figures are made by. */
    @JsonIgnoreProperties({"models", "heelGrams"})
    private interface WithoutModels {}

    /** What is drawn, to a hundredth: there are hundreds of them. */
    private interface Drawn {
        @JsonSerialize(using = Hundredths.class)
        double mmFromToe();

        @JsonSerialize(using = Hundredths.class)
        double unsureRounds();

        @JsonSerialize(using = Thousandths.class)
        double usedG();

        @JsonSerialize(using = Thousandths.class)
        double leftG();

        @JsonSerialize(using = Thousandths.class)
        double cumulativeG();

        @JsonSerialize(using = Hundredths.class)
        double depthMm();

        @JsonSerialize(using = Hundredths.class)
        double widthMm();

        @JsonSerialize(using = Hundredths.class)
        double backMm();

        @JsonSerialize(using = Hundredths.class)
        double leftMm();

        @JsonSerialize(using = Hundredths.class)
        double rightMm();

        @JsonSerialize(using = Hundredths.class)
        double fromMm();

        @JsonSerialize(using = Hundredths.class)
        double toMm();
    }

    /** Of those, a section by its identity alone. */
    private interface BriefSection extends Drawn {
        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Section section();
    }

    /** Which round of the tape it is, its place in the list says. */
    @JsonIgnoreProperties("round")
    private interface Listed extends Drawn {
        @JsonFormat(shape = JsonFormat.Shape.STRING)
        Section section();
    }

    @JsonFormat(shape = JsonFormat.Shape.OBJECT)
    private interface BothNames {
        @JsonProperty
        double mm();

        @JsonProperty
        String us();
    }

    private static final class Hundredths extends Rounded {
        Hundredths() {
            super(100);
        }
    }

    /** Grams are read aloud to a tenth: rounded once more, they must not change. */
    private static final class Thousandths extends Rounded {
        Thousandths() {
            super(1000);
        }
    }

    private abstract static class Rounded extends StdSerializer<Double> {
        private final int parts;

        Rounded(int parts) {
            super(Double.class);
            this.parts = parts;
        }

        @Override
        public void serialize(Double value, JsonGenerator json, SerializationContext context) {
            json.writeNumber(Math.rint(value * parts) / parts);
        }
    }

    private static final class Figures extends StdSerializer<Step> {
        Figures() {
            super(Step.class);
        }

        @Override
        public void serialize(Step step, JsonGenerator json, SerializationContext context) {
            json.writePOJO(Workings.written(step, json, context));
        }
    }

    /** {@code told} where the name is written as well, {@code explained} where what it means is. */
    private static final class Names extends StdSerializer<Named> {
        private final boolean told;
        private final boolean explained;

        Names(boolean told, boolean explained) {
            super(Named.class);
            this.told = told;
            this.explained = explained;
        }

        @Override
        public ValueSerializer<?> createContextual(SerializationContext context, BeanProperty property) {
            if (property == null
                    || !property.getMember()
                            .getDeclaringClass()
                            .getPackageName()
                            .startsWith("roundpocket.core")) {
                return new Names(false, false);
            }
            JsonFormat.Value format = property.findPropertyFormat(context.getConfig(), Named.class);
            return new Names(format.getShape() != JsonFormat.Shape.STRING, !TITLE.equals(format.getPattern()));
        }

        @Override
        public void serialize(Named one, JsonGenerator json, SerializationContext context) {
            if (told) {
                json.writePOJO(explained ? NamedView.of(one) : new NamedView(one.name(), one.title(), null));
            } else {
                json.writeString(one.name());
            }
        }
    }
}
