package roundpocket.app.feet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import roundpocket.app.feet.FeetKept.Measuring;
import roundpocket.app.plans.FootPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.Required;
import roundpocket.app.store.Shelf;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Feet. */
@Service
public class FeetShelf extends Shelf<FootRow, FootWrite, FootView> {
    /** More than anybody measures in a life. */
    private static final int MOST_EARLIER = 1000;

    private final Clock clock;

    private final FootRepository repository;

    FeetShelf(FootRepository repository, Clock clock) {
        super("foot", repository, clock);
        this.repository = repository;
        this.clock = clock;
    }

    @Override
    protected FootRow blank() {
        return new FootRow();
    }

    @Override
    protected void fill(FootRow row, FootWrite write) {
        Required.in("foot", write.foot(), FootPart::toCore); // refuses what cannot be
        FootPart otherFoot = write.otherFoot();
        if (otherFoot != null) {
            Required.in("otherFoot", otherFoot, FootPart::toCore);
        }
        String notes = Names.notes(write.notes(), "notes");
        FeetKept before = row.isNew() ? null : row.kept();
        boolean again = Boolean.TRUE.equals(write.measuredAgain());
        LocalDate day = dayOf(write, before, again);
        List<Measuring> earlier =
                before == null ? List.of() : again ? before.earlierOnceMeasuredAgain() : before.earlier();
        if (earlier.size() > MOST_EARLIER) {
            throw refusal(
                    "measured.number",
                    "These feet were measured " + MOST_EARLIER + " times already.",
                    "Change what is kept instead of measuring again.");
        }
        row.keep(new FeetKept(write.foot(), otherFoot, day, notes, earlier));
    }

    private LocalDate dayOf(FootWrite write, @Nullable FeetKept before, boolean again) {
        LocalDate today = LocalDate.now(clock);
        LocalDate day =
                Objects.requireNonNullElse(write.measuredOn(), before == null || again ? today : before.measuredOn());
        if (day.isAfter(today.plusDays(1))) { // it may be tomorrow already where the reader is
            throw refusal("measured.future", "This day is still to come.", "Give the day the feet were measured.");
        }
        if (before != null && again && day.isBefore(before.measuredOn())) {
            throw refusal(
                    "measured.before",
                    "These feet were last measured on " + before.measuredOn() + ", after this day.",
                    "Give a later day, or change what is kept instead of measuring again.");
        }
        return day;
    }

    private static Refusal refusal(String code, String template, String remedy) {
        return new Refusal(List.of(new Problem(code, "measuredOn", template, remedy, Map.of())));
    }

    @Override
    protected FootView view(FootRow row) {
        return new FootView(row.getId(), row.version(), row.name(), row.updatedAt(), row.kept());
    }

    /** What a tube refers to leaves the shelf, and stays for that tube as it is. */
    @Override
    public void delete(UUID id, long version) {
        FootRow row = row(id);
        if (repository.tubes(id) == 0) {
            super.delete(id, version);
            return;
        }
        refuseWhenStale(row, version, List.of());
        row.go();
        repository.saveAndFlush(row);
        repository.leavePairs(id);
    }

    /** Throws away what left the shelf and nothing refers to any more. */
    public void sweep() {
        repository.sweep();
    }
}
