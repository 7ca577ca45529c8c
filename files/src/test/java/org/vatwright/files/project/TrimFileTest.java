package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Project;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;

/** Motifs placed as a trim, written by hand as JSON. */
class TrimFileTest {

    private static final String LINE = "M 4 4 L 36 4 L 36 26 L 4 26 Z";
    private static final String TRIM = """
            "kind": "trim", "line": "%s", "breadthMm": 5, "insetMm": -1, "corner": "round", "whole": false,
            "gapMm": 2, "gapVary": 0.3, "sizeVary": 0.2, "seed": 9, "rows": 3, "rowShift": 0.25, "bent": false,
            "touched": [{"number": 3, "slideMm": 2.5, "size": 1.5}, {"number": 4, "out": true}]""".formatted(LINE);

    @TempDir
    private Path folder;

    private Project read(String placing) throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"name": "Plain", "cell": {"widthMm": 40, "heightMm": 30}, "layers": [{"id": 1, "name": "Run",
                 "structure": {"family": "motifs", "motifs": [
                  {"id": 1, "name": "Flag", "parts": [{"name": "a", "form": {"kind": "polygon", "sides": 3,
                   "diameterMm": 4}, "fill": "A"}]},
                  {"id": 2, "name": "Ring", "parts": [{"name": "b", "form": {"kind": "ellipse", "widthMm": 3,
                   "heightMm": 3}, "fill": "A"}]}], "placing": {%s}}}],
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#102030"}}]}}
                """.formatted(placing));
        return ProjectFile.read(file);
    }

    private static Placing placing(Project project) {
        return ((Motifs) project.designs().getFirst().layers().getFirst().structure()).placing();
    }

    @Test
    void aTrimComesBackAsItWasWrittenAndSaved() throws IOException {
        Project read = read(TRIM + ", \"cornerMotif\": 2");
        assertThat(placing(read)).isEqualTo(new Placing.Trim(Outline.parse(LINE), Optional.of(2),
                new TrimForm(-1, 5, TrimForm.Corner.ROUND, false, 2, 0.3, 0.2, 9, 3, 0.25, false,
                        Map.of(3, new TrimForm.Touch(2.5, 1.5, false), 4, new TrimForm.Touch(0, 1, true)))));
        Path saved = folder.resolve("saved.vatwright");
        ProjectFile.write(read, saved);
        assertThat(ProjectFile.read(saved)).isEqualTo(read);
    }

    @Test
    void whatIsLeftOutIsAsOfAFreshOne() throws IOException {
        assertThat(placing(read("\"kind\": \"trim\", \"line\": \"%s\", \"breadthMm\": 8".formatted(LINE))))
                .isEqualTo(new Placing.Trim(Outline.parse(LINE), Optional.empty(), TrimForm.fresh(8)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"rows\": 3|\"rows\": 99|rows of the trim 99",
            "\"breadthMm\": 5,||breadthMm", "\"round\"|\"bevel\"|\"bevel\" is no corner of a trim",
            "\"size\": 1.5|\"size\": 9|size of a repeat 900 %", "\"seed\"|\"sead\"|has \"sead\"",
            "M 4 4|M 1e30 4|line of a trim"})
    void aFaultOfATrimIsToldWithItsPlaceAndValue(String from, String to, String told) {
        assertThat(TRIM).contains(from);
        assertThatThrownBy(() -> read(TRIM.replace(from, to == null ? "" : to))).isInstanceOf(Refusal.class)
                .hasMessageStartingWith("hand.json").hasMessageContaining(told);
    }

    @Test
    void aCornerMotifThatIsNotThereIsTold() {
        assertThatThrownBy(() -> read(TRIM + ", \"cornerMotif\": 7")).isInstanceOf(Refusal.class)
                .hasMessageContaining("there is no motif with the number 7 to turn corners with");
    }
}
