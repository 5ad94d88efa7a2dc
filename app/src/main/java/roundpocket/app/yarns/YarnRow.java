package roundpocket.app.yarns;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.KeptRow;
import roundpocket.app.plans.YarnPart;

/** A stored yarn. */
@Entity
@Table(name = "yarn")
public class YarnRow extends KeptRow {
    @Column(nullable = false, length = 7)
    private String colour = Colours.UNDYED;

    @Column(name = "length_m", nullable = false)
    private double lengthM;

    @Column(name = "mass_g", nullable = false)
    private double massG;

    @Column(name = "on_hand_g")
    private @Nullable Double onHandG;

    private @Nullable Double nylonShare;

    void fill(YarnPart yarn) {
        yarn.toCore(); // refuses what cannot be
        this.lengthM = yarn.lengthM();
        this.massG = yarn.massG();
        this.onHandG = yarn.onHandG();
        this.nylonShare = yarn.nylonShare();
    }

    void dye(String newColour) {
        this.colour = newColour;
    }

    public String colour() {
        return colour;
    }

    YarnPart yarn() {
        return new YarnPart(lengthM, massG, onHandG, nylonShare);
    }
}
