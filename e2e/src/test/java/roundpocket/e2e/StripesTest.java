package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A striping yarn from its label to two socks alike, its picture, and its colours beside the needles. */
public class StripesTest extends BrowserTest {
    private static final int SAMPLED = 200;
    private static final String SPEC = """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "yarn": {"lengthM": 420, "massG": 100, "onHandG": 100},
             "striping": {"bands": [{"name": "madder", "colour": "#a13d4b", "lengthM": 5},
                                    {"name": "fleece", "colour": "#efe6d2", "lengthM": 4},
                                    {"name": "woad", "colour": "#2b4a6f", "lengthM": 6}]}}""";

    private String pair(String name) {
        return pair(name, SPEC);
    }

    private String pair(String name, String spec) {
        return server().post("/api/pairs", "{\"name\": \"" + name + "\", \"spec\": " + spec + "}")
                .body()
                .replaceFirst("(?s).*?\"id\" ?: ?\"([^\"]+)\".*", "$1");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator word(Page page, String id) {
        return page.locator("[data-word=" + id + "]");
    }

    @Test
    public void fromTheLabelToTwoSocksAlike() {
        Page page = visit("/yarn");
        button(page, "Add a yarn").first().click();
        page.getByLabel("Name of the yarn").fill("Tenor stripe");
        page.getByLabel("Label says").fill("400");
        page.getByLabel("in", new Page.GetByLabelOptions().setExact(true)).fill("100");
        page.getByLabel("Weight you have").fill("100");
        button(page, "Add stripes").click();
        page.getByLabel("Band 1", new Page.GetByLabelOptions().setExact(true)).fill("#a13d4b");
        page.getByLabel("Called").first().fill("madder");
        page.getByLabel("Yarn in it").first().fill("0");
        page.getByLabel("Band 2", new Page.GetByLabelOptions().setExact(true)).fill("#2b4a6f");
        page.getByLabel("Called").nth(1).fill("woad");
        page.getByLabel("Yarn in it").nth(1).fill("6");
        button(page, "Save").click();
        assertThat(page.getByText("A band must be 0.1 to 1000 m of yarn").first())
                .isVisible();
        page.getByLabel("Yarn in it").first().fill("5");
        button(page, "Save").click();
        assertThat(page.getByText("stripes: madder 5.0 m, woad 6.0 m")).isVisible();

        page.navigate(server().url("/pairs/" + pair("From the shelf")));
        word(page, "yarn").click();
        button(page, "Tenor stripe").click();
        page.keyboard().press("Escape");
        assertThat(word(page, "second-sock")).containsText("matches the first, from the same cake");
        assertThat(page.getByTestId("pair-picture")).isVisible();
        assertThat(page.getByText("before the second sock").first()).isVisible();
        assertThat(page.getByText("Saved").first()).isVisible();
        page.navigate(server().url("/"));
        Locator row =
                page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("From the shelf"));
        assertThat(row.locator("rect[fill='#2b4a6f']").first()).isAttached();
    }

    @Test
    public void theHeelLineIsMovedBetweenTwoBands() {
        Page page = visit("/pairs/" + pair("Moved"));
        Locator put = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Put it there, the leg")));
        put.first().click();
        assertThat(word(page, "placing")).containsText("at a colour change");
        assertThat(page.getByText("where it is now").first()).isVisible();
        button(page, "Undo").first().click();
        assertThat(word(page, "placing")).containsText("to suit the heel’s depth");
    }

    @Test
    public void theHeelLineGoesToAColourJoinThatIsPointedAt() {
        Page page = visit("/pairs/" + pair("Pointed at"));
        Locator tape = page.getByRole(AriaRole.SLIDER).first();
        tape.focus();
        page.keyboard().press("Home");
        int line = Integer.parseInt(tape.getAttribute("aria-valuemax"));
        Locator put = page.getByTestId("join-here").getByRole(AriaRole.BUTTON);
        for (int i = 0; i < line && put.count() == 0; i++) {
            page.keyboard().press("ArrowRight");
        }
        put.first().click();
        assertThat(word(page, "placing")).containsText("at a colour change");
        button(page, "Undo").first().click();
        assertThat(word(page, "placing")).containsText("to suit the heel’s depth");
    }

    @Test
    public void aKnotIsCutOutAndThePlanSaysWhatIsLeft() {
        String knotted =
                SPEC.replaceFirst("(\"startM\": ?0|\"bands\":)", "\"knots\": [{\"atM\": 60, \"goesOnM\": 3}], $1");
        String id = pair("Knotted", knotted);
        Page page = visit("/pairs/" + id);
        assertThat(page.getByText("You could also:")).isVisible();
        word(page, "knots").click();
        page.getByText("cut it out", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(word(page, "knots")).containsText("cut it out");
        assertThat(page.getByText(Pattern.compile("It is cut out: wind off .+ there.+leaves .+ g")))
                .isVisible();
        assertThat(page.getByText("breaks the order of the stripes")).hasCount(0);
    }

    @Test
    public void theTapeReadsTheBandAndHatchesIt() {
        Page page = visit("/pairs/" + pair("Read"));
        page.getByRole(AriaRole.SLIDER).first().focus();
        page.keyboard().press("Home");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowRight");
        }
        assertThat(page.getByTestId("cursor-reading"))
                .containsText(Pattern.compile("(first|second) (madder|fleece|woad), round \\d+ of \\d+"));
        button(page, "Show both socks").click();
        assertThat(page.getByText("second sock", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button(page, "Hatch the colours").click();
        assertThat(page.locator("pattern").first()).isAttached();
        assertAccessible(page);
        button(page, "Colours only").click();
        assertThat(page.locator("pattern")).hasCount(0);
    }

    @DataProvider
    public Object[][] lights() {
        return new Object[][] {
            {"light", "From the side", ""},
            {"evening", "From the sole", ""},
            {"light", "From the sole", "print"},
            {"evening", "From the side", "large type"},
        };
    }

    /** Two hundred stitches at random: what the picture says they are is what they are painted. */
    @Test(dataProvider = "lights")
    public void thePictureIsPaintedAsItIsRead(String light, String view, String how) {
        Page page = visit("/pairs/" + pair("Painted " + light + how));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(light)))
                .first()
                .click();
        button(page, view).click();
        if (how.equals("print")) {
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        } else if (how.equals("large type")) {
            page.evaluate("document.documentElement.style.fontSize = '200%'");
        }
        Locator picture = page.getByTestId("pair-picture");
        picture.scrollIntoViewIfNeeded();
        Random random = new Random(14);
        List<List<Double>> points = Stream.generate(() -> List.of(random.nextDouble(), random.nextDouble()))
                .limit(5 * SAMPLED)
                .toList();
        int read = 0;
        for (int from = 0; read < SAMPLED && from < points.size(); from += SAMPLED) {
            for (String[] parts : read(picture, points.subList(from, from + SAMPLED))) {
                // Between two bands a pixel is of neither: only what is of one colour all around is looked at.
                Set<String> around = new HashSet<>();
                for (int i = 1; i + 3 < parts.length; i += 4) {
                    around.add(nearest(parts, i));
                }
                if (List.of("madder", "fleece", "woad").contains(parts[0]) && around.size() == 1) {
                    read++;
                    assertThat(around).as(String.join(" ", parts)).containsExactly(parts[0]);
                }
            }
        }
        assertThat(read).isGreaterThanOrEqualTo(SAMPLED);
    }

    /** At each point what the picture says is there, and the 5 by 5 pixels around it. */
    private static List<String[]> read(Locator picture, List<List<Double>> points) {
        Object said = picture.evaluate("""
                async (canvas, points) => {
                  const all = [];
                  for (const [x, y] of points) {
                    const box = canvas.getBoundingClientRect();
                    const at = { clientX: box.left + x * box.width, clientY: box.top + y * box.height };
                    canvas.dispatchEvent(new PointerEvent('pointermove', { ...at, bubbles: true }));
                    await scheduler.postTask(() => {}, { priority: 'background' });
                    const words = canvas.parentElement.querySelector('[data-testid=stitch-reading]').textContent;
                    all.push(words.split(/[ :]/)[0]);
                  }
                  const { data, width } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
                  return points.map(([x, y], i) => {
                    const around = [-2, -1, 0, 1, 2];
                    const column = Math.floor(x * canvas.width);
                    const row = Math.floor(y * canvas.height);
                    const block = around.flatMap((down) => around.flatMap((right) => {
                      const at = ((row + down) * width + column + right) * 4;
                      return [...data.subarray(at, at + 4)];
                    }));
                    return all[i] + ' ' + block.join(' ');
                  });
                }""", points);
        return ((List<?>) said).stream().map(each -> each.toString().split(" ")).toList();
    }

    /** The band whose colour, in the light or in the shade of a stitch, comes nearest. */
    private static String nearest(String[] parts, int at) {
        int[][] bands = {{161, 61, 75}, {239, 230, 210}, {43, 74, 111}};
        String[] names = {"madder", "fleece", "woad"};
        String best = "";
        double least = Double.MAX_VALUE;
        for (int i = 0; i < bands.length; i++) {
            for (double shade = 0.55; shade <= 1.001; shade += 0.05) {
                double sum = 0;
                for (int c = 0; c < 3; c++) {
                    double off = bands[i][c] * shade - Integer.parseInt(parts[at + c]);
                    sum += off * off;
                }
                if (sum < least) {
                    least = sum;
                    best = names[i];
                }
            }
        }
        return best;
    }

    @Test
    public void aNewColourThatIsPressedMovesTheLaterBands() {
        String id = pair("Pressed");
        server().post("/api/laps/" + id, "{}");
        Page page = visit("/pairs/" + id + "/lap");
        Locator line = page.getByTestId("band-line");
        assertThat(line).containsText("Next comes madder.");
        page.keyboard().press("Enter");
        assertThat(line).containsText(Pattern.compile("madder, round 1 of about \\d+ · fleece in"));
        JsonNode stretches = server().json("/api/laps/" + id).at("/works/0/colours/stretches");
        int due = stretches.at("/0/to").asInt();
        for (int i = 1; i < due + 1; i++) {
            page.keyboard().press("Enter");
        }
        assertThat(line).containsText("fleece, round 2 of");
        page.keyboard().press("c");
        assertThat(line).containsText("Fleece begins in this round.");
        int later = server().json("/api/laps/" + id)
                .at("/works/0/colours/stretches/1/to")
                .asInt();
        assertThat(later).isGreaterThan(stretches.at("/1/to").asInt());
        page.keyboard().press("Enter");
        page.keyboard().press("c");
        assertThat(line).containsText("The next change, to woad, was due");
        button(page, "There is a knot").click();
        button(page, "madder").click();
        assertThat(line).containsText("Knot noted; madder comes next.");
        assertAccessible(page);
        line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(line).not().containsText("Knot noted");
    }
}
