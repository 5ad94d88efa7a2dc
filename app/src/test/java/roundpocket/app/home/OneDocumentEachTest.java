package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A home from before shelves held documents, with something in every column: nothing of it is lost. */
public class OneDocumentEachTest {
    private static final String FOOT = "00000000-0000-0000-0000-0000000000f1";
    private static final String YARN = "00000000-0000-0000-0000-0000000000a1";
    private static final String SWATCH = "00000000-0000-0000-0000-0000000000b1";
    private static final String TUBE = "00000000-0000-0000-0000-0000000000c1";
    private static final String PAIR = "00000000-0000-0000-0000-0000000000d1";

    private Running app;

    @BeforeClass
    public void open() throws IOException, SQLException {
        Path home = Running.newHome();
        Database database = new HomeFolder(home).database();
        Schema.moveOn(database, 19);
        try (Connection store = database.connect();
                Statement statement = store.createStatement()) {
            for (String filled :
                    FILLED.formatted(FOOT, YARN, SWATCH, TUBE, PAIR).split(";")) {
                statement.execute(filled);
            }
        }
        app = Running.on(home);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    /** A line a column: what is put in, and nothing that is usual. */
    private static final String FILLED = """
            insert into foot (id, version, name, created_at, updated_at, gone, measured_on, notes,
              length_mm, shoe_system, shoe_size, ball_girth_mm, heel_diagonal_mm, leg_girth_mm, toe_form,
              traced_width_mm, traced_tip_in_mm, traced_little_back_mm,
              other_length_mm, other_ball_girth_mm, other_heel_diagonal_mm, other_leg_girth_mm, other_toe_form)
            values ('%1$s', 4, 'Åse “the tall”', now(), now(), false, date '2026-10-03', 'two\nlines, “quoted”',
              246.5, 'EU', 39.5, 231, 318, 235, 'POINTED', 92, 20, 34, 244, 229, 316, 234, 'SQUARE');
            insert into foot_measuring (foot_id, position, measured_on, length_mm, ball_girth_mm)
            values ('%1$s', 0, date '2024-01-02', 200, 190), ('%1$s', 1, date '2025-01-02', 220, 210);
            insert into foot (id, version, name, created_at, updated_at, gone, measured_on, shoe_system, shoe_size)
            values (random_uuid(), 0, 'By the shoe', now(), now(), false, date '2026-10-04', 'UK', 6);
            insert into swatch (id, version, name, created_at, updated_at, state, in_the_round, needle_mm, wanted_stitches, notes)
            values ('%3$s', 2, 'Washed', now(), now(), 'WASHED', true, 2.25, 32, 'soft');
            insert into swatch_stitch_reading (swatch_id, position, counted, span_mm) values ('%3$s', 1, 31.5, 100), ('%3$s', 0, 64, 200);
            insert into swatch_round_reading (swatch_id, position, counted, span_mm) values ('%3$s', 0, 43, 100);
            insert into yarn (id, version, name, created_at, updated_at, gone, colour, length_m, mass_g, on_hand_g, nylon_share,
              form, fibre, start_m, notes)
            values ('%2$s', 1, 'Bellrope', now(), now(), false, '#3d7d96', 420, 100, 92.5, 0.25, 'CAKE', 'wool', 1.5, 'wound');
            insert into yarn_stripe (yarn_id, position, name, colour, length_m, rounds, on_stitches)
            values ('%2$s', 1, null, '#efe6d2', 7, null, null), ('%2$s', 0, 'red', '#a13d4b', null, 4.5, 64);
            insert into yarn_knot (yarn_id, position, at_m, goes_on_m) values ('%2$s', 0, 100, 2), ('%2$s', 1, 200, null);
            insert into yarn (id, version, name, created_at, updated_at, gone, colour, length_m, mass_g)
            values (random_uuid(), 0, 'Only its label', now(), now(), false, '#d9cdb8', 400, 100);
            insert into tube (id, version, name, created_at, updated_at, stitches, rounds, stitch_count, stitch_span_mm, round_count,
              round_span_mm, yarn_id, start_rounds, toe_end_held, cuff_end_held, two, spare_rounds, contrast_g, used_up, notes)
            values ('%4$s', 3, 'Long', now(), now(), 64, 300, 31, 100, 43, 100, '%2$s', 2.5, true, false, true, 1, 22.5, false, 'grey');
            insert into tube_band (tube_id, position, name, colour, rounds) values ('%4$s', 0, 'a', '#a13d4b', 5), ('%4$s', 1, null, '#efe6d2', 6);
            insert into tube_wish (tube_id, position, name, foot_id, leg_from_mm, leg_to_mm, alike, ravel, spare_rounds)
            values ('%4$s', 0, 'Åse', '%1$s', 100, 150, true, false, 3);
            insert into tube_cut (tube_id, position, cutting, made_at, kind, from_round, to_round, whose, sock, start_rounds, toe_end_held,
              cuff_end_held, pair_id, contrast_g)
            values ('%4$s', 1, 1, '2026-10-05 12:30:00.25+02', 'REMNANT', 140, 440, null, null, 1, false, true, null, 40),
              ('%4$s', 0, 1, '2026-10-05 12:30:00.25+02', 'PIECE', 0, 140, 'Åse', 0, 1, false, true, '%5$s', 40)""";

    private JsonNode named(String shelf, String name) {
        return app.json("/api/" + shelf)
                .valueStream()
                .filter(one -> one.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static void holds(JsonNode one, String wanted) {
        JsonNode all = JsonMapper.shared().readTree(wanted);
        all.properties()
                .forEach(part ->
                        assertThat(one.get(part.getKey())).as(part.getKey()).isEqualTo(part.getValue()));
    }

    @Test
    public void feetAreWhole() {
        JsonNode foot = named("feet", "Åse “the tall”");
        holds(foot, """
                {"version": 4, "measuredOn": "2026-10-03", "notes": "two\\nlines, “quoted”",
                 "foot": {"lengthMm": 246.5, "shoe": {"system": "EU", "size": 39.5}, "ballGirthMm": 231.0,
                   "heelDiagonalMm": 318.0, "legGirthMm": 235.0, "toeForm": "POINTED",
                   "tracing": {"widthMm": 92.0, "tipInMm": 20.0, "littleBackMm": 34.0}},
                 "otherFoot": {"lengthMm": 244.0, "ballGirthMm": 229.0, "heelDiagonalMm": 316.0, "legGirthMm": 234.0,
                   "toeForm": "SQUARE"},
                 "earlier": [{"measuredOn": "2025-01-02", "foot": {"lengthMm": 220.0, "ballGirthMm": 210.0}},
                   {"measuredOn": "2024-01-02", "foot": {"lengthMm": 200.0, "ballGirthMm": 190.0}}]}""");
        JsonNode shoe = named("feet", "By the shoe");
        holds(shoe, """
                {"foot": {"shoe": {"system": "UK", "size": 6.0}}, "earlier": []}""");
        assertThat(shoe.has("otherFoot")).isFalse();
    }

    @Test
    public void swatchesAreWhole() {
        holds(named("swatches", "Washed"), """
                {"version": 2, "notes": "soft",
                 "swatch": {"stitches": [{"count": 64.0, "spanMm": 200.0}, {"count": 31.5, "spanMm": 100.0}],
                   "rounds": [{"count": 43.0, "spanMm": 100.0}],
                   "fabric": {"state": "WASHED", "inTheRound": true, "needleMm": 2.25, "wantedStitches": 32.0}}}""");
    }

    @Test
    public void yarnsAreWhole() {
        holds(named("yarns", "Bellrope"), """
                {"colour": "#3d7d96", "yarn": {"lengthM": 420.0, "massG": 100.0, "onHandG": 92.5, "nylonShare": 0.25},
                 "cake": {"form": "CAKE", "fibre": "wool", "startM": 1.5, "notes": "wound",
                   "stripes": [{"name": "red", "colour": "#a13d4b", "rounds": 4.5, "stitches": 64},
                     {"colour": "#efe6d2", "lengthM": 7.0}],
                   "knots": [{"atM": 100.0, "goesOnM": 2.0}, {"atM": 200.0}]}}""");
        assertThat(named("yarns", "Only its label").has("cake")).isFalse();
    }

    @Test
    public void tubesAreWhole() {
        holds(named("tubes", "Long"), """
                {"version": 3, "stitches": 64, "rounds": 300, "stitchReading": {"count": 31.0, "spanMm": 100.0},
                 "roundReading": {"count": 43.0, "spanMm": 100.0}, "yarnId": "%s", "startRounds": 2.5, "toeEndHeld": true,
                 "cuffEndHeld": false, "two": true, "spareRounds": 1, "contrastG": 22.5, "usedUp": false, "notes": "grey",
                 "bands": [{"name": "a", "colour": "#a13d4b", "rounds": 5.0}, {"colour": "#efe6d2", "rounds": 6.0}],
                 "wishes": [{"footId": "%s", "name": "Åse", "legFromMm": 100.0, "legToMm": 150.0, "alike": true,
                   "ravel": false, "spareRounds": 3}],
                 "cuttings": [{"madeAt": "2026-10-05T10:30:00.250Z", "stretches": [
                   {"kind": "PIECE", "fromRound": 0, "toRound": 140, "whose": "Åse", "pairId": "%s"},
                   {"kind": "REMNANT", "fromRound": 140, "toRound": 440}]}]}""".formatted(YARN, FOOT, PAIR));
    }

    /** What the tube was before the cut is there again. */
    @Test(dependsOnMethods = "tubesAreWhole")
    public void aCutFromBeforeIsTakenBack() {
        app.sendJson("DELETE", "/api/tubes/" + TUBE + "/cuts/last?version=3", "");
        holds(named("tubes", "Long"), """
                {"rounds": 440, "startRounds": 1.0, "toeEndHeld": false, "cuffEndHeld": true, "contrastG": 40.0, "cuttings": []}""");
    }
}
