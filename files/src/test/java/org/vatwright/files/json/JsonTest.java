package org.vatwright.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Refusal;

class JsonTest {

    /** Typed as it is, so that what is asserted is no riddle to the compiler. */
    private static Object value(String text, Function<JsonIn, ?> read) {
        return read(text, read::apply);
    }

    private static <T> T read(String text, Function<JsonIn, T> read) {
        return Json.read(text.getBytes(StandardCharsets.UTF_8), "dock.json", read);
    }

    @Test
    void valuesAreReadWithWhatStandsForThoseLeftOut() {
        String text = "{\"name\": \"Quay\", \"wide\": 2.5, \"count\": 3, \"seed\": 9007199254740993, \"open\": true}";
        assertThat(value(text, in -> in.text("name"))).isEqualTo("Quay");
        assertThat(value(text, in -> in.number("wide"))).isEqualTo(2.5);
        assertThat(value(text, in -> in.whole("count", 1))).isEqualTo(3);
        assertThat(value(text, in -> in.longWhole("seed", 1))).isEqualTo(9_007_199_254_740_993L);
        assertThat(value(text, in -> in.truth("open", false))).isEqualTo(true);
        assertThat(value("{}", in -> in.text("name", "none") + in.number("wide", 4) + in.whole("count", 5)
                + in.truth("open", false) + in.list("all", JsonIn::asText))).isEqualTo("none4.05false[]");
        assertThat(value("{\"name\": null}", in -> in.text("name", "none"))).isEqualTo("none");
    }

    /** What is wrong, at which place, in which file. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "{\"a\": 5} | name | dock.json: the file lacks \"name\"",
            "{\"name\": 5} | name | dock.json: name should be text in quotes",
            "[] | name | dock.json: the file should be an object { }",
            "{\"deck\": {\"wide\": \"two\"}} | deck.wide | dock.json: deck.wide should be a number",
            "{\"deck\": {\"wide\": 1e999}} | deck.wide | dock.json",
            "{\"deck\": {}} | deck.wide | dock.json: deck lacks \"wide\"",
            "{\"list\": {}} | list | dock.json: list should be a list [ ]",
            "{\"list\": [1, 2, \"x\"]} | list | dock.json: list[2] should be a number",
            "{\"list\": [[1], [2, {}]]} | nested | dock.json: list[1][1] should be a number"})
    void aFaultIsToldWithItsPlace(String text, String what, String sentence) {
        assertThatThrownBy(() -> read(text, in -> switch (what) {
            case "name" -> in.text("name");
            case "deck.wide" -> in.at("deck").number("wide");
            case "list" -> in.list("list", JsonIn::asNumber);
            default -> in.list("list", inner -> inner.items(JsonIn::asNumber));
        })).isInstanceOf(Refusal.class).hasMessageStartingWith(sentence);
    }

    @Test
    void aRefusalFromWithinGetsThePlaceOnce() {
        assertThatThrownBy(() -> read("{\"bands\": [{\"w\": 1}, {\"w\": -1}]}", in -> in.list("bands", band -> {
            if (band.number("w") < 0) {
                throw new Refusal("width -1 mm must be from 0.01 mm");
            }
            return band;
        }))).isInstanceOf(Refusal.class).hasMessage("dock.json: bands[1]: width -1 mm must be from 0.01 mm");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"'' | is empty", "'{\"a\": 1,}' | line 1",
            "'{\"a\": 1, \"a\": 2}' | Duplicate",
            "'{\n\n\"a\" 1}' | line 3", "'{\"a\": 01}' | line 1"})
    void whatIsNoJsonIsRefusedWithItsLine(String text, String said) {
        assertThatThrownBy(() -> read(text, in -> in)).isInstanceOf(Refusal.class).hasMessageStartingWith("dock.json")
                .hasMessageContaining(said);
    }

    @Test
    void whatNestsWithoutEndIsRefusedAndDoesNotFillTheStack() {
        String deep = "[".repeat(100_000) + "]".repeat(100_000);
        assertThatThrownBy(() -> read(deep, in -> in)).isInstanceOf(Refusal.class).hasMessageContaining("dock.json");
    }

    @Test
    void wholeNumbersAreWholeAndFit() {
        assertThatThrownBy(() -> read("{\"n\": 2.5}", in -> in.whole("n", 0))).hasMessageContaining("whole number");
        assertThatThrownBy(() -> read("{\"n\": 3000000000}", in -> in.whole("n", 0)))
                .hasMessageContaining("whole number");
        assertThatThrownBy(() -> read("{\"n\": 1e30}", in -> in.longWhole("n", 0)))
                .hasMessageContaining("whole number");
        assertThatThrownBy(() -> read("{\"n\": 1}", in -> in.truth("n", false))).hasMessageContaining("true or false");
    }

    @Test
    void aMemberThatMeansNothingIsToldWithThoseThatDo() {
        assertThatThrownBy(() -> read("{\"name\": \"a\", \"nmae\": \"b\"}", in -> in.only("name", "note")))
                .hasMessageContaining("\"nmae\"").hasMessageContaining("name, note");
        assertThat(value("{\"note\": \"a\"}", in -> in.only("name", "note").names())).isEqualTo(Set.of("note"));
    }

    @Test
    void whatIsWrittenIsReadableByPeopleAndReadBackTheSame() {
        byte[] text = Json.write(Json.object().put("name", "R\u00f8sten \"quay\"").put("wide", 2.5)
                .set("all", Json.list().add(1).add(2)));
        assertThat(new String(text, StandardCharsets.UTF_8)).contains("R\u00f8sten \\\"quay\\\"")
                .contains("\n  \"wide\"");
        assertThat(Json.<List<Double>>read(text, "x", in -> in.list("all", JsonIn::asNumber))).containsExactly(1.0,
                2.0);
        assertThat(Json.<String>read(text, "x", in -> in.text("name"))).isEqualTo("R\u00f8sten \"quay\"");
    }
}
