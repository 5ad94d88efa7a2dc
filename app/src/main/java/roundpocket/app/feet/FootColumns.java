package roundpocket.app.feet;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ShoePart;
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
                stored.lengthMm, shoe, stored.ballGirthMm, stored.heelDiagonalMm, stored.legGirthMm, stored.toeForm);
    }
}
