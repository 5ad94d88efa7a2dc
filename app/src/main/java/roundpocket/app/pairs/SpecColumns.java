package roundpocket.app.pairs;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.plans.YarnPart;

/** The columns of a specification that hold one value each; readings have tables of their own. */
@Embeddable
public class SpecColumns {
    @Column(nullable = false)
    private double footLengthMm;

    @Column(nullable = false)
    private double ballGirthMm;

    @Column(name = "yarn_length_m")
    private @Nullable Double yarnLengthM;

    @Column(name = "yarn_mass_g")
    private @Nullable Double yarnMassG;

    @Column(name = "yarn_on_hand_g")
    private @Nullable Double yarnOnHandG;

    private @Nullable Double ease;
    private @Nullable Integer stitches;
    private @Nullable Double legMm;
    private @Nullable Integer heelPlainRounds;
    private @Nullable Integer toePlainRounds;
    private @Nullable Integer cuffRounds;

    protected SpecColumns() {}

    SpecColumns(SpecPart spec) {
        this.footLengthMm = spec.foot().lengthMm();
        this.ballGirthMm = spec.foot().ballGirthMm();
        if (spec.yarn() != null) {
            this.yarnLengthM = spec.yarn().lengthM();
            this.yarnMassG = spec.yarn().massG();
            this.yarnOnHandG = spec.yarn().onHandG();
        }
        if (spec.choices() != null) {
            this.ease = spec.choices().ease();
            this.stitches = spec.choices().stitches();
            this.legMm = spec.choices().legMm();
            this.heelPlainRounds = spec.choices().heelPlainRounds();
            this.toePlainRounds = spec.choices().toePlainRounds();
            this.cuffRounds = spec.choices().cuffRounds();
        }
    }

    SpecPart with(SwatchPart swatch) {
        YarnPart yarn =
                yarnLengthM == null || yarnMassG == null ? null : new YarnPart(yarnLengthM, yarnMassG, yarnOnHandG);
        return new SpecPart(
                new FootPart(footLengthMm, ballGirthMm),
                swatch,
                yarn,
                new ChoicesPart(ease, stitches, legMm, heelPlainRounds, toePlainRounds, cuffRounds));
    }
}
