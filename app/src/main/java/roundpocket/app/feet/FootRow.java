package roundpocket.app.feet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import roundpocket.app.kept.KeptRow;
import roundpocket.app.plans.FootPart;

/** A stored foot. */
@Entity
@Table(name = "foot")
public class FootRow extends KeptRow {
    @Column(nullable = false)
    private double lengthMm;

    @Column(nullable = false)
    private double ballGirthMm;

    void fill(FootPart foot) {
        foot.toCore(); // refuses what cannot be
        this.lengthMm = foot.lengthMm();
        this.ballGirthMm = foot.ballGirthMm();
    }

    FootPart foot() {
        return new FootPart(lengthMm, ballGirthMm);
    }
}
