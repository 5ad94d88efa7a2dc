package roundpocket.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

public class CsvFilesTest extends AppTest {
    private JsonNode read(String path, String text) {
        return body(postText(path, text));
    }

    private String written(String path) {
        return new String(get(path).getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    /** RFC 4180: a comma or a quote in a cell, and lines that end in CR LF. */
    @Test
    public void whatIsWrittenIsReadBackAsItWas() {
        String measures = "length_mm,ball_girth_mm,heel_diagonal_mm,leg_girth_mm,toe_form,shoe_system,shoe_size,"
                + "traced_width_mm,traced_tip_in_mm,traced_little_back_mm";
        String file = "name," + measures + ","
                + ("," + measures).replace(",", ",other_").substring(1)
                + ",measured_on,notes\r\n"
                + "\"Åse, the \"\"tall\"\" one\",262.0,241.0,330.0,,POINTED,EU,41.0,96.0,28.0,42.0,"
                + "265.0,239.0,,,SQUARE,,,,,,2025-03-01,wide at the small toe\r\n"
                + "'=1+1,,230.0,,,,UK,5.5,,,,,,,,,,,,,,2024-12-31,\"'-3 mm, she says\"\r\n";
        assertThat(read("/api/files/feet.csv", file).get("taken").asInt()).isEqualTo(2);
        assertThat(body(get("/api/feet")))
                .extracting(foot -> foot.get("name").asString())
                .contains("Åse, the \"tall\" one", "=1+1");
        // Both were kept in the same moment, so either may stand first.
        String[] rows = file.split("(?<=\r\n)");
        assertThat(rows).hasSize(3);
        assertThat(written("/api/files/feet.csv")).contains("\n" + rows[1], "\n" + rows[2]);
    }

    @Test
    public void yarnsGoOutAndInWithSemicolonsAndDecimalCommasToo() {
        String file = "\uFEFFname;length_m;mass_g;on_hand_g;nylon_share;colour\nHawser;375,5;100;62;0,2;#AA3311\n";
        assertThat(read("/api/files/yarns.csv", file).get("taken").asInt()).isEqualTo(1);
        assertThat(written("/api/files/yarns.csv")).contains("Hawser,\"#aa3311\",375.5,100.0,62.0,0.2");
    }

    @Test
    public void stripesAndKnotsGoOutAndIn() {
        String line = "Sally,\"#2f6f8f\",400.0,100.0,,,REMNANT,75 % wool,"
                + "#2f6f8f 1.5 deep sea / #e8dcc0 22.0x64 / #a13d3d 0.75 8.0x64 tarred,1.25,12.0 / 180.5 0.5,left of Pia's\r\n";
        String file =
                "name,colour,length_m,mass_g,on_hand_g,nylon_share,form,fibre,stripes,start_m,knots_m,notes\r\n" + line;
        assertThat(read("/api/files/yarns.csv", file).get("taken").asInt()).isEqualTo(1);
        assertThat(written("/api/files/yarns.csv"))
                .contains(line.replace("#2f6f8f 1.5 deep", "\"#2f6f8f 1.5 deep").replace(" tarred,1", " tarred\",1"));
    }

    @DataProvider
    public Object[][] wrongCells() {
        return new Object[][] {
            {
                "feet",
                "name,ball_girth_mm,length_mm,other_ball_girth_mm,other_length_mm\na,231,246,2,240",
                "other_ball_girth_mm"
            },
            {"feet", "name,ball_girth_mm,length_mm,other_heel_diagonal_mm\na,231,246,240", "other_length_mm"},
            {"feet", "name,ball_girth_mm,length_mm,measured_on\na,231,246,yesterday", "measured_on"},
            {"feet", "name,ball_girth_mm,shoe_size\na,231,39", "shoe_system"},
            {"feet", "name,ball_girth_mm,shoe_system\na,231,EU", "shoe_size"},
            {"feet", "name,ball_girth_mm,length_mm,traced_width_mm\na,231,246,90", "traced_tip_in_mm"},
            {
                "feet",
                "name,ball_girth_mm,length_mm,traced_width_mm,traced_tip_in_mm,traced_little_back_mm\na,231,246,900,20,30",
                "traced_width_mm"
            },
            {"feet", "name,ball_girth_mm,length_mm,measured_on\na,231,246,2999-01-01", "measured_on"},
            {"yarns", "name,length_m,mass_g,stripes\na,420,100,blue", "stripes"},
            {"yarns", "name,length_m,mass_g,stripes\na,420,100,#aabbcc 4z", "stripes"},
            {"yarns", "name,length_m,mass_g,stripes\na,420,100,#aabbcc -4", "stripes"},
            {"yarns", "name,length_m,mass_g,knots_m\na,420,100,12 / -1", "knots_m"},
            {"yarns", "name,length_m,mass_g,form\na,420,100,heap", "form"},
            {"yarns", "name,length_m,mass_g,fibre\na,420,100," + "w".repeat(121), "fibre"},
            {"yarns", "name,length_m,mass_g,notes\na,420,100," + "w".repeat(2001), "notes"},
        };
    }

    @Test(dataProvider = "wrongCells")
    public void aWrongCellIsNamedWithItsLine(String shelf, String file, String column) {
        JsonNode answer = read("/api/files/" + shelf + ".csv", file);
        assertThat(answer.get("taken").asInt()).isZero();
        assertThat(answer.at("/wrong/0/line").asInt()).isEqualTo(2);
        assertThat(answer.at("/wrong/0/column").asString()).isEqualTo(column);
        assertThat(said(answer.at("/wrong/0/said"))).isNotBlank();
    }

    @Test
    public void nothingIsTakenInWhenALineIsWrongUnlessTheRightOnesAreAskedFor() {
        String file = "name,length_mm,ball_girth_mm\nGood,246,231\nShort,24,231\n,250,240\nWords,long,240\n";
        int before = body(get("/api/feet")).size();
        JsonNode answer = read("/api/files/feet.csv", file);
        assertThat(answer.get("taken").asInt()).isZero();
        assertThat(answer.get("wrong"))
                .extracting(wrong ->
                        wrong.get("line").asInt() + " " + wrong.get("column").asString())
                .containsExactly("3 length_mm", "4 name", "5 length_mm");
        assertThat(said(answer.at("/wrong/0/said"))).contains("2.4 cm").contains("10 to 36 cm");
        assertThat(said(answer.at("/wrong/2/said"))).contains("“long” is not a number");
        assertThat(body(get("/api/feet"))).hasSize(before);
        JsonNode some = read("/api/files/feet.csv?onlyRight=true", file);
        assertThat(some.get("taken").asInt()).isEqualTo(1);
        assertThat(body(get("/api/feet"))).hasSize(before + 1);
    }

    @DataProvider
    public Object[][] hostile() {
        return new Object[][] {
            {"", "“name” is not among them"},
            {"called,ball_girth_mm\nA,231\n", "“name” is not among them"},
            {"name,ball_girth_mm\n\"A,231\n", "not a CSV file"},
            {"name,name,ball_girth_mm\nA,B,231\n", "not a CSV file"},
            {"name,ball_girth_mm\n" + "A,231\n".repeat(2001), "2001 lines; 2000 are read at once"},
        };
    }

    @Test(dataProvider = "hostile")
    public void whatIsNoSuchFileIsSaidToBeNone(String file, String words) {
        var result = postText("/api/files/feet.csv", file);
        assertThat(result.getResponse().getStatus()).isIn(400, 422);
        if (!file.isEmpty()) {
            assertThat(body(result).get("detail").asString()).contains(words);
        }
    }
}
