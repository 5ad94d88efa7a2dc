package roundpocket.app.tubes;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Names;

/** A stored wish. */
@Embeddable
public class TubeWishRow {
    @Column(nullable = false, length = Names.MOST_STORED)
    private String name = "";

    @Column(nullable = false)
    private UUID footId = new UUID(0, 0);

    private double legFromMm;
    private double legToMm;
    private boolean alike;
    private boolean ravel;

    @Nullable
    private Integer spareRounds;

    protected TubeWishRow() {}

    TubeWishRow(TubeWishPart part, String name) {
        this.name = name;
        this.footId = part.footId();
        this.legFromMm = part.legFromMm();
        this.legToMm = part.legToMm();
        this.alike = part.alike();
        this.ravel = part.ravel();
        this.spareRounds = part.spareRounds();
    }

    TubeWishPart part() {
        return new TubeWishPart(footId, name, legFromMm, legToMm, alike, ravel, spareRounds);
    }
}
