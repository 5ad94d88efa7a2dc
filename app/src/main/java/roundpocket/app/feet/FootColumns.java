package roundpocket.app.feet;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ShoePart;
import roundpocket.app.plans.TracingPart;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;

/** The measures of one foot as they are stored; all empty where that foot was not measured. */
@Embeddable
public class FootColumns {
    private @Nullable Double lengthMm;

    @Enumerated(EnumType.STRING)
    private @Nullable ShoeSystem shoeSystem;

    private @Nullable Double shoeSize;

    private @Nullable Double ballGirthMm;

    private @Nullable Double heelDiagonalMm;

    private @Nullable Double legGirthMm;

    @Enumerated(EnumType.STRING)
    private @Nullable ToeForm toeForm;

    private @Nullable Double tracedWidthMm;

    private @Nullable Double tracedTipInMm;

    private @Nullable Double tracedLittleBackMm;

    protected FootColumns() {}

    private FootColumns(FootPart foot) {
        ShoePart shoe = foot.shoe();
        this.lengthMm = foot.lengthMm();
        this.shoeSystem = shoe == null ? null : shoe.system();
        this.shoeSize = shoe == null ? null : shoe.size();
        this.ballGirthMm = foot.ballGirthMm();
        this.heelDiagonalMm = foot.heelDiagonalMm();
        this.legGirthMm = foot.legGirthMm();
        this.toeForm = foot.toeForm();
        TracingPart tracing = foot.tracing();
        this.tracedWidthMm = tracing == null ? null : tracing.widthMm();
        this.tracedTipInMm = tracing == null ? null : tracing.tipInMm();
        this.tracedLittleBackMm = tracing == null ? null : tracing.littleBackMm();
    }

    static @Nullable FootColumns of(@Nullable FootPart foot) {
        return foot == null ? null : new FootColumns(foot);
    }

    /** The foot; null where it was not measured. */
    static @Nullable FootPart part(@Nullable FootColumns stored) {
        if (stored == null || stored.lengthMm == null && stored.shoeSize == null) {
            return null;
        }
        ShoePart shoe = stored.shoeSystem == null || stored.shoeSize == null
                ? null
                : new ShoePart(stored.shoeSystem, stored.shoeSize);
        return new FootPart(
                stored.lengthMm,
                shoe,
                stored.ballGirthMm,
                stored.heelDiagonalMm,
                stored.legGirthMm,
                stored.toeForm,
                tracing(stored));
    }

    private static @Nullable TracingPart tracing(FootColumns stored) {
        return stored.tracedWidthMm == null || stored.tracedTipInMm == null || stored.tracedLittleBackMm == null
                ? null
                : new TracingPart(stored.tracedWidthMm, stored.tracedTipInMm, stored.tracedLittleBackMm);
    }
}
