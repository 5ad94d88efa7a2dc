package roundpocket.app.feet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.KeptRow;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ShoePart;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;

/** A stored foot. */
@Entity
@Table(name = "foot")
public class FootRow extends KeptRow {
    private @Nullable Double lengthMm;

    @Enumerated(EnumType.STRING)
    private @Nullable ShoeSystem shoeSystem;

    private @Nullable Double shoeSize;

    @Column(nullable = false)
    private double ballGirthMm;

    private @Nullable Double heelDiagonalMm;
    private @Nullable Double legGirthMm;

    @Enumerated(EnumType.STRING)
    private @Nullable ToeForm toeForm;

    void fill(FootPart foot) {
        foot.toCore(); // refuses what cannot be
        ShoePart shoe = foot.shoe();
        this.lengthMm = foot.lengthMm();
        this.shoeSystem = shoe == null ? null : shoe.system();
        this.shoeSize = shoe == null ? null : shoe.size();
        this.ballGirthMm = foot.ballGirthMm();
        this.heelDiagonalMm = foot.heelDiagonalMm();
        this.legGirthMm = foot.legGirthMm();
        this.toeForm = foot.toeForm();
    }

    FootPart foot() {
        ShoePart shoe = shoeSystem == null || shoeSize == null ? null : new ShoePart(shoeSystem, shoeSize);
        return new FootPart(lengthMm, shoe, ballGirthMm, heelDiagonalMm, legGirthMm, toeForm);
    }
}
