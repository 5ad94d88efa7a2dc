package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionSynchronizationUtils;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.core.foot.Foot;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.PairWork;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.yarn.Yarn;

/** What is kept folded is what was committed, in whatever order changes are closed and readers come. */
public class FoldsTest {
    private static final UUID PAIR = UUID.randomUUID();
    private static final Course COURSE = Course.of(
            new SockSpec(
                    new Foot(246, 231),
                    new Swatch(List.of(new Reading(31, 100)), List.of(new Reading(43, 100))),
                    new Yarn(420, 100, OptionalDouble.empty()),
                    Choices.usual()),
            HeelWhen.AFTER_TUBE);

    private Folds folds = new Folds();

    @BeforeMethod
    public void begin() {
        folds = new Folds();
    }

    @AfterMethod(alwaysRun = true)
    public void leave() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    public void aChangeLeavesItsFoldToReadersAndToTheNext() {
        Knitting made = fold();
        Change change = new Change(made);
        assertThat(change.took).isSameAs(made);
        change.close(true);
        assertThat(read(fold())).isSameAs(made);
        assertThat(new Change(fold()).took).isSameAs(made);
    }

    @Test
    public void aChangeThatIsUndoneLeavesNothing() {
        Knitting undone = fold();
        new Change(undone).close(false);
        Knitting stored = fold();
        assertThat(read(stored)).isSameAs(stored);
        assertThat(read(fold())).isSameAs(stored);
    }

    /** The lock is free at the commit, which is before the change is closed. */
    @Test
    public void theNextDoesNotTakeWhatAReaderFoldedFromBeforeTheCommit() {
        Change first = new Change(fold());
        read(fold());
        Knitting afterTheCommit = fold();
        Change second = new Change(afterTheCommit);
        first.close(true);
        second.close(true);
        assertThat(second.took).isSameAs(afterTheCommit);
        assertThat(read(fold())).isSameAs(afterTheCommit);
    }

    @Test
    public void aChangeThatIsClosedAfterTheNextOneLeavesNothingBehind() {
        Change first = new Change(fold());
        Knitting last = fold();
        Change second = new Change(last);
        second.close(true);
        first.close(true);
        assertThat(read(fold())).isSameAs(last);
    }

    @Test
    public void whatIsSaidInShortWhileAChangeIsOpenIsNotSaidAgain() {
        Change change = new Change(fold());
        assertThat(folds.inShort(PAIR, String.class, () -> "before")).isEqualTo("before");
        change.close(true);
        assertThat(folds.inShort(PAIR, String.class, () -> "after")).isEqualTo("after");
        assertThat(folds.inShort(PAIR, String.class, () -> "later")).isEqualTo("after");
    }

    private Knitting read(Knitting stored) {
        return folds.read(PAIR, () -> stored, knitting -> knitting);
    }

    private static Knitting fold() {
        return new Knitting(new PairWork(COURSE), Stream.empty());
    }

    /** A change whose transaction was begun and is still open. */
    private final class Change {
        private final List<TransactionSynchronization> open;
        private final Knitting took;

        Change(Knitting stored) {
            Supplier<Knitting> make = () -> stored;
            TransactionSynchronizationManager.initSynchronization();
            took = folds.take(PAIR, make);
            open = TransactionSynchronizationManager.getSynchronizations();
            TransactionSynchronizationManager.clearSynchronization();
        }

        void close(boolean committed) {
            TransactionSynchronizationUtils.invokeAfterCompletion(
                    open,
                    committed
                            ? TransactionSynchronization.STATUS_COMMITTED
                            : TransactionSynchronization.STATUS_ROLLED_BACK);
        }
    }
}
