package roundpocket.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Refusal;

public class PatternChartTest {
    @DataProvider
    static Object[][] written() {
        return new Object[][] {
            {"k2, p2", "k2, p2", 4},
            {"K2 P2", "k2, p2", 4},
            {"k2p2", "k2, p2", 4},
            {"k, k, p", "k2, p1", 3},
            {"k 2, p 2", "k2, p2", 4},
            {"Round 1: k1, yo, ssk, k1", "k1, yo, ssk, k1", 4},
            {"1. k2tog yo k1", "k2tog, yo, k1", 3},
            {"(k1, p1) x 3", "k1, p1, k1, p1, k1, p1", 6},
            {"(k1, p1) 3, k2", "k1, p1, k1, p1, k1, p1, k2", 8},
            {"(k1 p1)×2", "k1, p1, k1, p1", 4},
            {"yo, sk2p, yo", "yo, sk2p, yo", 3},
            {"ktbl, p1, k1tbl, k2 tbl", "k1tbl, p1, k3tbl", 5},
            {"sl1, k1, sl, p2tog, yo", "sl1, k1, sl1, p2tog, yo", 5},
        };
    }

    @Test(dataProvider = "written")
    public void aRowIsReadAsKnittersWriteIt(String text, String words, int width) {
        PatternChart chart = PatternChart.read(text);
        assertThat(chart.text()).isEqualTo(words);
        assertThat(chart.width()).isEqualTo(width);
        assertThat(chart.height()).isEqualTo(1);
    }

    @DataProvider
    static Object[][] amiss() {
        return new Object[][] {
            {"", "at least one round"},
            {"   \n ;", "at least one round"},
            {"k2, q2", "Line 1: I don’t know “q2”"},
            {"k2\nk1, kx", "Line 2: I don’t know “kx”"},
            {"knit", "Line 1: I don’t know “knit”"},
            {"k0", "“k0”"},
            {"(k1, p1", "opens a bracket"},
            {"k1) p1", "Line 1"},
            {"k12tog", "“tog”"},
            {"k4\nk5", "Round 2 works 5 stitches and round 1 works 4"},
            {"k4\nyo, k4", "Round 2 takes 4 stitches and leaves 5"},
            {"ssk, k2", "Round 1 takes 4 stitches and leaves 3"},
            {"yo", "1 to 60 stitches wide; round 1 works 0"},
            {"k61", "round 1 works 61"},
            {"k999", "1 to 60 stitches wide"},
            {"(k9) x 99", "1 to 60 stitches wide"},
            {"k{4}", "Line 1"},
            {"k1\n".repeat(121), "up to 120 rounds; this one has 121"},
            {"k1, ".repeat(4000), "The repeat is too long"},
        };
    }

    @Test(dataProvider = "amiss")
    public void whatCannotBeReadIsSaidWithItsPlace(String text, String said) {
        assertThatThrownBy(() -> PatternChart.read(text))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(said);
    }

    /** What is written from a repeat gives the same repeat again. */
    @Test
    public void readingItsWordsGivesTheSameRepeat() {
        Random random = new Random(20_261_127);
        for (int i = 0; i < 2000; i++) {
            List<PatternRow> rows = new ArrayList<>();
            int height = 1 + random.nextInt(6);
            while (rows.size() < height) {
                rows.add(balanced(random, 8));
            }
            PatternChart chart = new PatternChart(rows);
            assertThat(PatternChart.read(chart.text())).isEqualTo(chart);
            assertThat(PatternChart.read(chart.text().replace(", ", " ").toUpperCase(java.util.Locale.ROOT)))
                    .isEqualTo(chart);
        }
    }

    /** A row that takes and leaves so many. */
    private static PatternRow balanced(Random random, int width) {
        while (true) {
            List<PatternStitch> row = new ArrayList<>();
            int takes = 0;
            int leaves = 0;
            while (takes < width) {
                PatternStitch stitch = PatternStitch.values()[random.nextInt(PatternStitch.values().length)];
                row.add(stitch);
                takes += stitch.takes();
                leaves += stitch.leaves();
            }
            for (; leaves < width; leaves++) {
                row.add(random.nextInt(row.size() + 1), PatternStitch.YARN_OVER);
            }
            if (takes == width && leaves == width) {
                return new PatternRow(row);
            }
        }
    }
}
