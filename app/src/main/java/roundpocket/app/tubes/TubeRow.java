package roundpocket.app.tubes;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.StoredRow;
import roundpocket.app.tubes.TubeCutRow.Before;
import roundpocket.app.tubes.TubeView.CuttingMadeView;
import roundpocket.app.tubes.TubeView.StretchMadeView;
import roundpocket.core.cut.Stretch;

/** A stored tube. */
@Entity
@Table(name = "tube")
public class TubeRow extends StoredRow {
    private int stitches;
    private @Nullable Integer rounds;
    private @Nullable Double lengthMm;

    @Column(name = "mass_g")
    private @Nullable Double massG;

    private double stitchCount;
    private double stitchSpanMm;
    private double roundCount;
    private double roundSpanMm;
    private @Nullable UUID yarnId;
    private double startRounds;
    private boolean toeEndHeld;
    private boolean cuffEndHeld;
    private boolean two;
    private @Nullable Integer spareRounds;

    @Column(name = "contrast_g")
    private @Nullable Double contrastG;

    private boolean usedUp;

    @Column(length = Names.MOST_IN_NOTES)
    private @Nullable String notes;

    @ElementCollection
    @CollectionTable(name = "tube_band", joinColumns = @JoinColumn(name = "tube_id"))
    @OrderColumn(name = "position")
    private List<TubeBandRow> bands = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "tube_wish", joinColumns = @JoinColumn(name = "tube_id"))
    @OrderColumn(name = "position")
    private List<TubeWishRow> wishes = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "tube_cut", joinColumns = @JoinColumn(name = "tube_id"))
    @OrderColumn(name = "position")
    private List<TubeCutRow> cuts = new ArrayList<>();

    /** Takes over what was checked; the names of its wishes stand beside them. */
    void fill(TubeWrite write, List<String> names) {
        this.stitches = write.stitches();
        this.rounds = write.rounds();
        this.lengthMm = write.lengthMm();
        this.massG = write.massG();
        this.stitchCount = write.stitchReading().count();
        this.stitchSpanMm = write.stitchReading().spanMm();
        this.roundCount = write.roundReading().count();
        this.roundSpanMm = write.roundReading().spanMm();
        this.yarnId = write.yarnId();
        this.startRounds = Objects.requireNonNullElse(write.startRounds(), 0.0);
        this.toeEndHeld = !Boolean.FALSE.equals(write.toeEndHeld());
        this.cuffEndHeld = !Boolean.FALSE.equals(write.cuffEndHeld());
        this.two = Boolean.TRUE.equals(write.two());
        this.spareRounds = write.spareRounds();
        this.contrastG = write.contrastG();
        this.notes = Names.notes(write.notes(), "notes");
        this.usedUp = false;
        bands.clear();
        Objects.requireNonNullElse(write.bands(), List.<TubeBandPart>of())
                .forEach(band -> bands.add(new TubeBandRow(band)));
        wishes.clear();
        List<TubeWishPart> wished = Objects.requireNonNullElse(write.wishes(), List.of());
        for (int i = 0; i < wished.size(); i++) {
            wishes.add(new TubeWishRow(wished.get(i), names.get(i)));
        }
    }

    /**
     * Notes that it was cut. What is left of it is from now on the tube; its wishes that were met are gone.
     *
     * @param stretches the tube from its toes' end
     * @param whose whose each piece is, by the number of its wish
     * @param pairs the pairs they went to, likewise
     * @param contrastLeft grams of the other cake that the pairs leave, where it is weighed
     * @param rest what is left: the longest remnant; nothing where none is worth keeping
     * @param restStart rounds of the repeat that are missing where it begins
     */
    void cut(
            Instant now,
            List<Stretch> stretches,
            Map<Integer, String> whose,
            Map<Integer, UUID> pairs,
            @Nullable Double contrastLeft,
            @Nullable Stretch rest,
            double restStart) {
        int cutting = cuts.isEmpty() ? 1 : cuts.get(cuts.size() - 1).cutting() + 1;
        Before before = new Before(startRounds, toeEndHeld, cuffEndHeld, contrastG);
        for (Stretch stretch : stretches) {
            cuts.add(new TubeCutRow(
                    cutting, now, stretch, before, whose.get(stretch.wish()), pairs.get(stretch.wish())));
        }
        this.contrastG = contrastLeft;
        this.usedUp = rest == null;
        this.lengthMm = null;
        this.massG = null;
        this.rounds = rest == null ? stretches.get(stretches.size() - 1).to() : rest.rounds();
        if (rest != null) {
            this.startRounds = restStart;
            // The stitches of a cut rim wait on a thread.
            this.toeEndHeld |= rest.from() > 0;
            this.cuffEndHeld |= rest.to() < stretches.get(stretches.size() - 1).to();
        }
        List<TubeWishRow> left = new ArrayList<>();
        for (int i = 0; i < wishes.size(); i++) {
            if (!pairs.containsKey(i)) {
                left.add(wishes.get(i));
            }
        }
        wishes.clear();
        wishes.addAll(left);
    }

    /** Takes back the last cutting: the tube is as it was. Returns the pairs that were made of it. */
    Set<UUID> uncut() {
        TubeCutRow last = cuts.get(cuts.size() - 1);
        this.rounds = last.toRound();
        this.startRounds = last.before().startRounds();
        this.toeEndHeld = last.before().toeEndHeld();
        this.cuffEndHeld = last.before().cuffEndHeld();
        this.contrastG = last.before().contrastG();
        this.usedUp = false;
        Set<UUID> pairs = cuts.stream()
                .filter(cut -> cut.cutting() == last.cutting())
                .flatMap(cut -> cut.pair().stream())
                .collect(Collectors.toSet());
        cuts.removeIf(cut -> cut.cutting() == last.cutting());
        return pairs;
    }

    boolean wasCut() {
        return !cuts.isEmpty();
    }

    /** The same as it would be written, under another name and of other rounds; the other cake stays with this one. */
    TubeWrite write(String other, int otherRounds, double otherStart) {
        return new TubeWrite(
                null,
                other,
                stitches,
                otherRounds,
                null,
                null,
                new ReadingPart(stitchCount, stitchSpanMm),
                new ReadingPart(roundCount, roundSpanMm),
                yarnId,
                bands.stream().map(TubeBandRow::part).toList(),
                otherStart,
                true,
                true,
                two,
                spareRounds,
                null,
                null,
                List.of());
    }

    TubeView view() {
        return new TubeView(
                getId(),
                version(),
                name(),
                updatedAt(),
                stitches,
                rounds,
                lengthMm,
                massG,
                new ReadingPart(stitchCount, stitchSpanMm),
                new ReadingPart(roundCount, roundSpanMm),
                yarnId,
                bands.stream().map(TubeBandRow::part).toList(),
                startRounds,
                toeEndHeld,
                cuffEndHeld,
                two,
                spareRounds,
                contrastG,
                notes,
                wishes.stream().map(TubeWishRow::part).toList(),
                usedUp,
                cuttings(),
                null);
    }

    private List<CuttingMadeView> cuttings() {
        Map<Integer, List<StretchMadeView>> made = new LinkedHashMap<>();
        Map<Integer, Instant> times = new LinkedHashMap<>();
        for (TubeCutRow cut : cuts) {
            made.computeIfAbsent(cut.cutting(), number -> new ArrayList<>()).add(cut.view());
            times.putIfAbsent(cut.cutting(), cut.madeAt());
        }
        return made.entrySet().stream()
                .map(one -> new CuttingMadeView(times.get(one.getKey()), one.getValue()))
                .toList();
    }
}
