package roundpocket.app.feet;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import java.time.LocalDate;
import java.util.Objects;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;

/** What the feet measured on one day, as it is stored. */
@Embeddable
public class MeasuringRow {
    @Column(nullable = false)
    private LocalDate measuredOn = LocalDate.EPOCH;

    @Embedded
    private @Nullable FootColumns foot;

    @Embedded
    @EmbeddedColumnNaming("other_%s")
    private @Nullable FootColumns other;

    protected MeasuringRow() {}

    MeasuringRow(LocalDate measuredOn, FootPart foot, @Nullable FootPart other) {
        this.measuredOn = measuredOn;
        this.foot = FootColumns.of(foot);
        this.other = FootColumns.of(other);
    }

    MeasuringView view() {
        return new MeasuringView(measuredOn, Objects.requireNonNull(FootColumns.part(foot)), FootColumns.part(other));
    }
}
