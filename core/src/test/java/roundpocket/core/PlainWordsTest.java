package roundpocket.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.almanac.Almanac;

public class PlainWordsTest {
    @DataProvider
    public Object[][] amiss() {
        return new Object[][] {
            {"Knit 1 rounds."},
            {"Graft 12 stitch."},
            {"Graft , then finish."},
            {"Cut a tail of {aboutTail}."},
            {"This is HEEL_LAST."},
            {"± 0.1234 g"},
            {"Knit the the foot."},
            {"Take a even number."},
            {"Pick up 32 loops."},
            {"Draw together the last eight."},
            {"The cuff's end."},
        };
    }

    @Test(dataProvider = "amiss")
    public void whatIsAmissIsSeen(String text) {
        assertThat(PlainWords.amiss(text)).hasSize(1);
    }

    @DataProvider
    public Object[][] well() {
        return new Object[][] {
            {"Knit 1 round, then 21 sts."},
            {"2 sts of the row stay."},
            {"1½ stitches, 9 1/2 in"},
            {"Round Pocket says: the length of one loop"},
        };
    }

    @Test(dataProvider = "well")
    public void whatIsWellIsLeftAlone(String text) {
        assertThat(PlainWords.amiss(text)).isEmpty();
    }

    @Test
    public void theAlmanacIsInPlainWords() {
        assertThat(Almanac.entries().stream()
                        .flatMap(entry ->
                                Stream.of(entry.title(), entry.chapter().title(), entry.goodFor(), words(entry)))
                        .flatMap(text -> PlainWords.amiss(text).stream())
                        .distinct())
                .isEmpty();
    }

    /** A formula has signs of its own. */
    private static String words(Almanac.Entry entry) {
        return entry.kind() == Almanac.Kind.RULE ? "" : entry.text();
    }
}
