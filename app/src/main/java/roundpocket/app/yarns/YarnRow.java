package roundpocket.app.yarns;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.Colours;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.StoredRow;

/** A stored yarn. */
@Entity
@Table(name = "yarn")
public class YarnRow extends StoredRow {
    @Column(nullable = false, length = 7)
    private String colour = Colours.UNDYED;

    @Column(name = "length_m", nullable = false)
    private double lengthM;

    @Column(name = "mass_g", nullable = false)
    private double massG;

    @Column(name = "on_hand_g")
    private @Nullable Double onHandG;

    private @Nullable Double nylonShare;

    @Enumerated(EnumType.STRING)
    private @Nullable CakeForm form;

    @Column(length = Cakes.MOST_IN_FIBRE)
    private @Nullable String fibre;

    @Column(name = "start_m")
    private @Nullable Double startM;

    @Column(length = Names.MOST_IN_NOTES)
    private @Nullable String notes;

    @ElementCollection
    @CollectionTable(name = "yarn_stripe", joinColumns = @JoinColumn(name = "yarn_id"))
    @OrderColumn(name = "position")
    private List<StripeRow> stripes = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "yarn_knot", joinColumns = @JoinColumn(name = "yarn_id"))
    @OrderColumn(name = "position")
    private List<KnotRow> knots = new ArrayList<>();

    void fill(YarnPart yarn) {
        yarn.toCore(); // refuses what cannot be
        this.lengthM = yarn.lengthM();
        this.massG = yarn.massG();
        this.onHandG = yarn.onHandG();
        this.nylonShare = yarn.nylonShare();
    }

    /** Takes over a cake that was checked. */
    void fill(CakePart cake) {
        this.form = cake.form();
        this.fibre = cake.fibre();
        this.notes = cake.notes();
        stripes.clear();
        cake.stripesOrNone().forEach(stripe -> stripes.add(new StripeRow(stripe)));
        this.startM = cake.startM();
        knots.clear();
        cake.knotsOrNone().forEach(knot -> knots.add(new KnotRow(knot)));
    }

    /** Puts grams to what is there, or takes them off; what is not known stays so. Returns what was taken off. */
    double settle(double grams) {
        if (onHandG == null) {
            return 0;
        }
        double before = onHandG;
        onHandG = Math.max(0, Math.round((before + grams) * 10) / 10.0);
        return before - onHandG;
    }

    void dye(String newColour) {
        this.colour = newColour;
    }

    public String colour() {
        return colour;
    }

    public YarnPart yarn() {
        return new YarnPart(lengthM, massG, onHandG, nylonShare);
    }

    /** How it changes colour, where that is known. */
    public @Nullable StripingPart striping() {
        CakePart cake = cake();
        return cake == null ? null : cake.striping();
    }

    /** What is known besides the label; null where that is nothing. */
    @Nullable
    CakePart cake() {
        CakePart cake = new CakePart(
                form,
                fibre,
                stripes.isEmpty() ? null : stripes.stream().map(StripeRow::part).toList(),
                startM,
                knots.isEmpty() ? null : knots.stream().map(KnotRow::part).toList(),
                notes);
        return cake.equals(CakePart.UNTOLD) ? null : cake;
    }

    /** Whether it was deleted, and is kept for what refers to it. */
    @Column(nullable = false)
    private boolean gone;

    public boolean gone() {
        return gone;
    }

    void go() {
        gone = true;
    }
}
