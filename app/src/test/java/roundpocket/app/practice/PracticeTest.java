package roundpocket.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** Pieces to practise on over HTTP: whoever guesses right every time gets to the end. */
public class PracticeTest extends AppTest {
    private static final String GRAFT = "loops=5&setUp=true&yarnAt=BACK";

    @Test
    public void aGraftIsGuessedToItsEnd() {
        JsonNode piece = body(get("/api/practice/graft?" + GRAFT + "&done=0"));
        int moves = piece.get("moves").asInt();
        assertThat(moves).as("4 × (5 − 1) + 2, and two of the set-up").isEqualTo(20);
        assertThat(piece.get("choices")).hasSize(4);
        for (int done = 0; done < moves; done++) {
            int at = done;
            long right = piece.get("choices")
                    .valueStream()
                    .filter(choice -> body(get("/api/practice/graft/guess?" + GRAFT + "&done=" + at + "&move="
                                    + choice.get("move").asString()))
                            .get("right")
                            .asBoolean())
                    .count();
            assertThat(right).isEqualTo(1);
        }
        assertThat(body(get("/api/practice/graft?" + GRAFT + "&done=" + moves))
                        .get("front")
                        .toString())
                .isEqualTo("[\"OFF\",\"OFF\",\"OFF\",\"OFF\",\"OFF\"]");
        assertThat(get("/api/practice/graft/guess?" + GRAFT + "&done=20&move=FRONT_KNITWISE_OFF"))
                .hasStatus(422);
        assertThat(get("/api/practice/graft?loops=99&setUp=true&yarnAt=BACK&done=0"))
                .hasStatus(422);
    }

    @Test
    public void aLineIsPickedUpFromEitherHand() {
        for (boolean left : new boolean[] {true, false}) {
            String piece = "columns=8&seed=11&left=" + left;
            JsonNode drawn = body(get("/api/practice/pick-up?" + piece));
            assertThat(drawn.get("words").asString()).contains(left ? "left leg" : "right leg");
            for (int column = 0; column < 8; column++) {
                String guess = "/api/practice/pick-up/guess?" + piece + "&done=" + column + "&column=" + column
                        + "&row=" + drawn.get("row").asInt() + "&leftLeg=";
                assertThat(body(get(guess + left)).get("right").asBoolean()).isTrue();
                assertThat(body(get(guess + !left)).get("words").asString()).contains("other leg");
            }
        }
    }

    @Test
    public void theLastDecreaseIsReadFromTheFabric() {
        JsonNode rows = body(get("/api/practice/reading?seed=5")).get("rows");
        int right = -1;
        for (int row = 0; row < rows.size(); row++) {
            if (body(get("/api/practice/reading/last?seed=5&row=" + row))
                    .get("right")
                    .asBoolean()) {
                right = row;
            }
        }
        assertThat(rows.get(right).get("decrease").asBoolean()).isTrue();
        assertThat(body(get("/api/practice/reading/next?seed=5&decrease=true"))
                        .get("right")
                        .asBoolean())
                .isNotEqualTo(body(get("/api/practice/reading/next?seed=5&decrease=false"))
                        .get("right")
                        .asBoolean());
    }

    @Test
    public void oneStitchIsTheLastOfAShortRow() {
        for (String turning : new String[] {"WRAP", "DOUBLED", "SHADOW"}) {
            String piece = "turning=" + turning + "&seed=7";
            JsonNode needle = body(get("/api/practice/turn?" + piece));
            int right = 0;
            for (int column = 0; column < needle.get("turned").size(); column++) {
                right += body(get("/api/practice/turn/guess?" + piece + "&column=" + column))
                                .get("right")
                                .asBoolean()
                        ? 1
                        : 0;
            }
            assertThat(right).as(turning).isEqualTo(1);
        }
    }
}
