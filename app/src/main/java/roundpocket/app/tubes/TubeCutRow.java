package roundpocket.app.tubes;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Names;
import roundpocket.app.tubes.TubeView.StretchMadeView;
import roundpocket.core.cut.Stretch;

/** A stored stretch of a tube that was cut. */
@Embeddable
public class TubeCutRow {
    /**
     * What the tube was before.
     *
     * @param startRounds rounds of the repeat that were missing where its toes' end began
     * @param contrastG grams of the other cake, where it was weighed
     */
    record Before(
            double startRounds,
            boolean toeEndHeld,
            boolean cuffEndHeld,
            @Nullable Double contrastG) {}

    private int cutting;

    @Column(nullable = false)
    private Instant madeAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 12)
    private Stretch.Kind kind = Stretch.Kind.PIECE;

    private int fromRound;
    private int toRound;

    @Column(length = Names.MOST_STORED)
    private @Nullable String whose;

    private @Nullable Integer sock;

    private double startRounds;

    private boolean toeEndHeld;
    private boolean cuffEndHeld;
    private @Nullable UUID pairId;

    @Column(name = "contrast_g")
    private @Nullable Double contrastG;

    protected TubeCutRow() {}

    TubeCutRow(
            int cutting,
            Instant madeAt,
            Stretch stretch,
            Before before,
            @Nullable String whose,
            @Nullable UUID pairId) {
        this.cutting = cutting;
        this.madeAt = madeAt;
        this.kind = stretch.kind();
        this.fromRound = stretch.from();
        this.toRound = stretch.to();
        this.startRounds = before.startRounds();
        this.toeEndHeld = before.toeEndHeld();
        this.cuffEndHeld = before.cuffEndHeld();
        this.contrastG = before.contrastG();
        this.whose = whose;
        this.sock = whose == null ? null : stretch.sock();
        this.pairId = pairId;
    }

    int cutting() {
        return cutting;
    }

    Instant madeAt() {
        return madeAt;
    }

    int toRound() {
        return toRound;
    }

    Before before() {
        return new Before(startRounds, toeEndHeld, cuffEndHeld, contrastG);
    }

    Optional<UUID> pair() {
        return Optional.ofNullable(pairId);
    }

    StretchMadeView view() {
        return new StretchMadeView(kind.name(), fromRound, toRound, whose, pairId);
    }
}
