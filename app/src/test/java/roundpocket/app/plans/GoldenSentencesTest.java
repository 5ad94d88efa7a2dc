package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Hand;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;

/** What the pages’ tests read: sentences as they are written, and as the core itself tells them. */
public class GoldenSentencesTest extends AppTest {
    private static final Path COMMITTED = Path.of("../web/test/sentences.json");
    private static final double[] VALUES = {0, -1, 1, 0.45, 9.94, 9.96, 12.7, 64.5, 246, 1e4, -33.33, 2e12};

    private record Golden(Sentence sentence, Hand hand, NeedleKind kind, String cm, String inch) {
        static Golden of(Sentence sentence) {
            return of(sentence, Hand.RIGHT, NeedleKind.TWO_CIRCULARS);
        }

        static Golden of(Sentence sentence, Hand hand, NeedleKind kind) {
            Sentence told = new Sentence(kind.says(hand.says(sentence.template())), sentence.amounts());
            return new Golden(sentence, hand, kind, told.text(LengthUnit.CM), told.text(LengthUnit.INCH));
        }
    }

    @Test
    public void theSentencesThatThePagesTestsRead() throws IOException {
        List<Golden> all = new ArrayList<>();
        for (Unit unit : Unit.values()) {
            for (double value : VALUES) {
                all.add(Golden.of(new Sentence("It is {found}.", Map.of("found", new Amount(value, unit)))));
            }
            all.add(Golden.of(new Sentence(
                    "{found} is not {min} to {max}.",
                    Map.of(
                            "found",
                            new Amount(55.5, unit),
                            "min",
                            new Amount(2.5, unit),
                            "max",
                            new Amount(44, unit)))));
        }
        all.add(Golden.of(new Sentence("{min} to {max}", Map.of("min", Amount.mm(20), "max", Amount.rounds(1)))));
        all.add(Golden.of(new Sentence("Leave {about1}.", Map.of("about1", Amount.mm(150)))));
        Sentence held = Sentence.of("Pick up the [right] leg on the lower " + NeedleKind.HALF + ", ["
                + NeedleKind.onDoublePoints("at the [left] corner") + " [a|b|c] {found}.");
        for (Hand hand : Hand.values()) {
            for (NeedleKind kind : NeedleKind.values()) {
                all.add(Golden.of(held, hand, kind));
            }
        }
        String text = all.stream().map(json()::writeValueAsString).collect(Collectors.joining(",\n", "[\n", "\n]\n"));
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, text);
        }
        assertThat(Files.readString(COMMITTED))
                .as("run this test with -Dopenapi.write=true and commit the result")
                .isEqualTo(text);
    }
}
