package roundpocket.app.feet;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.Required;
import roundpocket.app.store.StoredRow;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** The stored feet of one person. */
@Entity
@Table(name = "foot")
public class FootRow extends StoredRow {
    @Embedded
    private @Nullable FootColumns foot;

    @Embedded
    @EmbeddedColumnNaming("other_%s")
    private @Nullable FootColumns other;

    @Column(nullable = false)
    private LocalDate measuredOn = LocalDate.EPOCH;

    @Column(length = Names.MOST_IN_NOTES)
    private @Nullable String notes;

    @ElementCollection
    @CollectionTable(name = "foot_measuring", joinColumns = @JoinColumn(name = "foot_id"))
    @OrderColumn(name = "position")
    private List<MeasuringRow> earlier = new ArrayList<>();

    /** Takes over what is written; {@code today} is the day of a measuring that names none. */
    void fill(FootWrite write, LocalDate today) {
        Required.in("foot", write.foot(), FootPart::toCore); // refuses what cannot be
        FootPart otherFoot = write.otherFoot();
        if (otherFoot != null) {
            Required.in("otherFoot", otherFoot, FootPart::toCore);
        }
        String newNotes = Names.notes(write.notes(), "notes");
        boolean again = Boolean.TRUE.equals(write.measuredAgain()) && !isNew();
        LocalDate day = dayOf(write, today, again);
        if (again) {
            earlier.add(new MeasuringRow(measuredOn, foot(), otherFoot()));
        }
        this.foot = FootColumns.of(write.foot());
        this.other = FootColumns.of(otherFoot);
        this.measuredOn = day;
        this.notes = newNotes;
    }

    private LocalDate dayOf(FootWrite write, LocalDate today, boolean again) {
        LocalDate day = Objects.requireNonNullElse(write.measuredOn(), isNew() || again ? today : measuredOn);
        if (day.isAfter(today.plusDays(1))) { // it may be tomorrow already where the reader is
            throw refusal("measured.future", "This day is still to come.", "Give the day the feet were measured.");
        }
        if (again && day.isBefore(measuredOn)) {
            throw refusal(
                    "measured.before",
                    "These feet were last measured on " + measuredOn + ", after this day.",
                    "Give a later day, or change what is kept instead of measuring again.");
        }
        return day;
    }

    private static Refusal refusal(String code, String template, String remedy) {
        return new Refusal(List.of(new Problem(code, "measuredOn", template, remedy, Map.of())));
    }

    FootPart foot() {
        return Objects.requireNonNull(FootColumns.part(foot));
    }

    @Nullable
    FootPart otherFoot() {
        return FootColumns.part(other);
    }

    LocalDate measuredOn() {
        return measuredOn;
    }

    @Nullable
    String notes() {
        return notes;
    }

    /** What they measured before, the latest first. */
    List<MeasuringView> earlier() {
        List<MeasuringView> views =
                new ArrayList<>(earlier.stream().map(MeasuringRow::view).toList());
        Collections.reverse(views);
        return views;
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
