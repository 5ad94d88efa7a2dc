package roundpocket.app.home;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.app.home.Backups.Kept;
import roundpocket.app.home.Findings.Found;

/** A home as it is read over HTTP. */
public final class HomeViews {
    private HomeViews() {}

    /**
     * How the home is.
     *
     * @param folder where it is
     * @param damage what was found damaged, until somebody has decided what to do
     * @param unsound what can no longer be read as it was written; nothing where all is well
     * @param backups those in the home, the latest first
     */
    public record HomeView(String folder, @Nullable Damage damage, List<String> unsound, List<BackupView> backups) {}

    /**
     * A backup.
     *
     * @param name of its file
     * @param reason why it was made
     * @param made when
     * @param bytes its length
     * @param feet how many feet are in it
     * @param yarns how many yarns
     * @param pairs how many pairs
     * @param presses how much was counted, weighed or noted
     */
    public record BackupView(
            String name,
            Backups.Reason reason,
            Instant made,
            long bytes,
            long feet,
            long yarns,
            long pairs,
            long presses) {
        static BackupView of(Kept kept) {
            Map<String, Long> rows = kept.manifest().rows();
            return new BackupView(
                    kept.name(),
                    kept.reason(),
                    kept.manifest().made(),
                    kept.file().toFile().length(), // 0 of one that was thrown away in this moment
                    rows.getOrDefault("foot", 0L),
                    rows.getOrDefault("yarn", 0L),
                    rows.getOrDefault("sock_pair", 0L),
                    rows.getOrDefault("lap_event", 0L));
        }
    }

    /**
     * What putting a backup back would do.
     *
     * @param source how it is named when it is put back
     * @param made when it was made
     * @param holds whether it is a whole home or one pair
     * @param found everything in it
     * @param here how many things here are not in it
     */
    public record LookView(String source, Instant made, Manifest.Holds holds, List<Found> found, int here) {}

    /** How a backup is put back. */
    public enum Mode {
        /** What is not here is added, and what is newer in it takes the place of what is here. */
        MERGE,
        /** The same, and it takes the place of what was changed here later too. */
        MERGE_TAKING_CLASHES,
        /** Everything is as it was in the backup; what is only here goes. */
        REPLACE
    }

    /**
     * Puts a backup back.
     *
     * @param source as it was named when it was looked at
     * @param mode how
     */
    public record RestoreWrite(String source, Mode mode) {}

    /**
     * What was done.
     *
     * @param added how many things
     * @param renewed how many
     * @param left how many stayed as they were here
     * @param presses how many presses after the backup were put back from the journal
     * @param before the backup that was made before; nothing where nothing was here
     */
    public record RestoredView(
            int added,
            int renewed,
            int left,
            long presses,
            @Nullable String before) {
        RestoredView with(long putBack) {
            return new RestoredView(added, renewed, left, putBack, before);
        }
    }
}
