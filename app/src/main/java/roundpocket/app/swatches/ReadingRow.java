package roundpocket.app.swatches;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.List;
import roundpocket.app.plans.ReadingPart;

/** A stored reading. */
@Embeddable
public class ReadingRow {
    @Column(name = "counted", nullable = false)
    private double count;

    @Column(nullable = false)
    private double spanMm;

    protected ReadingRow() {}

    private ReadingRow(ReadingPart reading) {
        this.count = reading.count();
        this.spanMm = reading.spanMm();
    }

    /** Replaces the stored readings. */
    public static void replace(List<ReadingRow> stored, List<ReadingPart> readings) {
        stored.clear();
        readings.forEach(reading -> stored.add(new ReadingRow(reading)));
    }

    /** The stored readings as they are read. */
    public static List<ReadingPart> parts(List<ReadingRow> stored) {
        return stored.stream()
                .map(row -> new ReadingPart(row.count, row.spanMm))
                .toList();
    }
}
