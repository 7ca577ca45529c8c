package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.studio.MotifHand;

import javafx.scene.input.KeyCode;

/** Every number of the families that are drawn with lines and motifs, typed into its row: it sets just what it is named for. */
class EveryRowByHandTest extends AtTheDemo {

    /** @param typed into the field of that id @param wanted what {@code now} is then */
    private record Row<S>(String id, String typed, ToDoubleFunction<S> now, double wanted) {}

    private <S extends Structure> S structure(Class<S> type) {
        return hand.studio().structure(type).orElseThrow();
    }

    private <S extends Structure> void tryAll(Class<S> type, List<Row<S>> rows) throws Exception {
        for (Row<S> row : rows) {
            Project before = hand.studio().project();
            assertThat(row.now().applyAsDouble(structure(type))).as("%s before", row.id()).isNotEqualTo(row.wanted());
            hand.write(row.id(), row.typed());
            assertThat(row.now().applyAsDouble(structure(type))).as(row.id()).isCloseTo(row.wanted(), within(1e-9));
            assertThat(hand.messageText()).as("%s is not refused", row.id()).doesNotContain("must be");
            hand.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(hand.studio().project()).as("%s is one undo", row.id()).isEqualTo(before);
            hand.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        }
    }

    @Test
    void flowLines() throws Exception {
        hand.click("shelf-Wake");
        Project before = hand.studio().project();
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withOwn(1));
            return null;
        });
        hand.click("add-blob");
        int blob = structure(FlowLines.class).blobs().size();
        tryAll(FlowLines.class, List.of(
                new Row<>("point-across", "31", f -> f.knots().get(1).x(), 31),
                new Row<>("point-down", "7 mm", f -> f.knots().get(1).y(), 7),
                new Row<>("swell-of-the-line", "140", f -> f.knots().get(1).swell(), 1.4),
                new Row<>("thickness-of-the-line", "1.7", f -> f.stroke().thicknessMm(), 1.7),
                new Row<>("step-across", "2.5", f -> f.copies().dxMm(), 2.5),
                new Row<>("step-down", "3.5", f -> f.copies().dyMm(), 3.5),
                new Row<>("step-of-thickness", "-0.1", f -> f.copies().thickerMm(), -0.1),
                new Row<>("sway-of-the-lines", "5.5", f -> f.sway().amountMm(), 5.5),
                new Row<>("waves-of-the-sway", "7", f -> f.sway().waves(), 7),
                new Row<>("travel-of-the-beads", "3", FlowLines::travel, 3),
                new Row<>("size-of-beads-1", "2.2", f -> f.beads().getFirst().sizeMm(), 2.2),
                new Row<>("place-of-beads-1", "0.6", f -> f.beads().getFirst().offsetMm(), 0.6),
                new Row<>("blob-%d-width".formatted(blob), "9", f -> f.blobs().getLast().widthMm(), 9),
                new Row<>("blob-%d-height".formatted(blob), "4", f -> f.blobs().getLast().heightMm(), 4),
                new Row<>("blob-%d-turn".formatted(blob), "25", f -> f.blobs().getLast().turnDeg(), 25),
                new Row<>("blob-%d-unevenness".formatted(blob), "30", f -> f.blobs().getLast().uneven(), 0.3),
                new Row<>("pitch-of-the-sets", "90", FlowLines::pitchMm, 90),
                new Row<>("angle-of-the-lines", "12", FlowLines::angleDeg, 12)));
        hand.click("sizes-together");
        double thick = structure(FlowLines.class).stroke().thicknessMm();
        double pitch = structure(FlowLines.class).pitchMm();
        hand.write("period-of-the-line", "240");
        FlowLines grown = structure(FlowLines.class);
        assertThat(grown.periodMm()).isEqualTo(240);
        assertThat(grown.stroke().thicknessMm() / thick).as("all grow together").isCloseTo(grown.pitchMm() / pitch,
                within(1e-9));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void coloursAlongALineAndBeadsAreAddedAndTakenAway() throws Exception {
        hand.click("shelf-Wake");
        Project before = hand.studio().project();
        int beads = structure(FlowLines.class).beads().getFirst().steps().size();
        int colours = structure(FlowLines.class).stroke().along().size();
        for (int i = 0; i < colours; i++) {
            hand.click(hand.named("Remove colour 1 along the line"));
        }
        assertThat(structure(FlowLines.class).stroke().along()).isEmpty();
        hand.click("colours-along");
        assertThat(structure(FlowLines.class).stroke().along()).extracting(s -> s.place()).containsExactly(0.0, 0.5);
        hand.write("place-of-colour-2", "40");
        hand.click(hand.named("Add a colour after this one"));
        assertThat(structure(FlowLines.class).stroke().along()).extracting(s -> s.place())
                .containsExactly(0.0, 0.2, 0.4);
        hand.click(hand.named("Add a bead to row 1"));
        assertThat(structure(FlowLines.class).beads().getFirst().steps()).hasSize(beads + 1);
        hand.click(hand.named("Remove bead 1 of row 1"));
        hand.click(hand.words("Pointed"));
        assertThat(structure(FlowLines.class).beads().getFirst().cap()).isEqualTo(BeadRow.Cap.POINTED);
        int rows = structure(FlowLines.class).beads().size();
        hand.click("add-beads");
        assertThat(structure(FlowLines.class).beads()).hasSize(rows + 1);
        hand.click(hand.named("Remove beads " + (rows + 1)));
        assertThat(structure(FlowLines.class).beads()).hasSize(rows);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void zigzags() throws Exception {
        hand.click("shelf-Swell");
        Project before = hand.studio().project();
        int lines = structure(Zigzag.class).lines().size();
        tryAll(Zigzag.class, List.of(new Row<>("line-2-thickness", "0.7", z -> z.lines().get(1).thicknessMm(), 0.7),
                new Row<>("amplitude", "5.5", Zigzag::amplitudeMm, 5.5),
                new Row<>("spacing-of-lines", "6.1", Zigzag::spacingMm, 6.1),
                new Row<>("period", "17", Zigzag::periodMm, 17),
                new Row<>("angle-of-the-zigzag", "20", Zigzag::angleDeg, 20)));
        hand.click(hand.words("run upright"));
        assertThat(structure(Zigzag.class).angleDeg()).isEqualTo(90);
        hand.click(hand.words("run level"));
        assertThat(structure(Zigzag.class).angleDeg()).isZero();
        hand.write("periods-in-the-cell", "5");
        assertThat(structure(Zigzag.class).periodMm()).isCloseTo(design().repeat().tile().widthMm() / 5, within(1e-9));
        hand.write("sets-of-lines-in-the-cell", "2");
        Zigzag fitted = structure(Zigzag.class);
        assertThat(fitted.spacingMm() * fitted.lines().size()).isCloseTo(design().repeat().tile().heightMm() / 2,
                within(1e-9));
        assertThat(fitted.closes(design().repeat())).isTrue();
        hand.click(hand.named("Add a line"));
        assertThat(structure(Zigzag.class).lines()).hasSize(lines + 1);
        hand.click(hand.named("Remove the chosen line"));
        assertThat(structure(Zigzag.class).lines()).hasSize(lines);
        hand.click("sizes-together");
        hand.write("amplitude", "12");
        Zigzag larger = structure(Zigzag.class);
        assertThat(larger.periodMm() / fitted.periodMm()).isCloseTo(12 / fitted.amplitudeMm(), within(1e-9));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void interlacedLines() throws Exception {
        hand.click("shelf-Mooring");
        Project before = hand.studio().project();
        tryAll(Interlace.class, List.of(new Row<>("line-thickness", "2.4", Interlace::thicknessMm, 2.4),
                new Row<>("gap-at-crossings", "0.4", Interlace::gapMm, 0.4),
                new Row<>("ring-size", "26", Interlace::sizeMm, 26),
                new Row<>("ring-hole", "20", Interlace::holeMm, 20),
                new Row<>("spacing-across", "21", Interlace::spacingMm, 21),
                new Row<>("spacing-down", "22", Interlace::downMm, 22),
                new Row<>("light-on-the-round", "35", Interlace::light, 0.35),
                new Row<>("angle-of-the-lines", "30", Interlace::angleDeg, 30)));
        hand.write("count-down", "4");
        assertThat(structure(Interlace.class).downMm()).isCloseTo(design().repeat().tile().heightMm() / 4,
                within(1e-9));
        hand.click("mesh-knots");
        hand.write("turns-across", "5");
        hand.write("turns-down", "2");
        assertThat(structure(Interlace.class).mesh()).isEqualTo(new Mesh.Knots(5, 2));
        hand.click("mesh-braid");
        hand.write("strands-of-the-braid", "5");
        assertThat(structure(Interlace.class).mesh()).isEqualTo(new Mesh.Braid(5));
        hand.click("mesh-strips");
        assertThat(structure(Interlace.class).mesh()).isInstanceOf(Mesh.Strips.class);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void placedMotifs() throws Exception {
        hand.click("shelf-Terns");
        Project before = hand.studio().project();
        hand.click("place-rows");
        tryAll(Motifs.class, List.of(new Row<>("motifs-across", "3", m -> rows(m).across(), 3),
                new Row<>("motifs-down", "5", m -> rows(m).down(), 5),
                new Row<>("turn-from-one-to-the-next", "15", m -> rows(m).turnStep(), 15)));
        hand.click(hand.words("every second mirrored"));
        assertThat(rows(structure(Motifs.class)).flipEverySecond()).isTrue();
        hand.click("place-rings");
        tryAll(Motifs.class, List.of(new Row<>("rings", "3", m -> rings(m).rings(), 3),
                new Row<>("motifs-on-the-first-ring", "5", m -> rings(m).first(), 5),
                new Row<>("more-on-each-next-ring", "4", m -> rings(m).more(), 4),
                new Row<>("radius-of-the-first-ring", "30", m -> rings(m).radiusMm(), 30),
                new Row<>("step-of-rings", "33", m -> rings(m).stepMm(), 33)));
        hand.click(hand.words("turned to look outward"));
        assertThat(rings(structure(Motifs.class)).outward()).isFalse();
        hand.click("place-along");
        tryAll(Motifs.class, List.of(new Row<>("motifs-along-the-line", "6", m -> along(m).count(), 6),
                new Row<>("aside-of-the-line", "4", m -> along(m).asideMm(), 4),
                new Row<>("start-along-the-line", "10", m -> along(m).startShare(), 0.1)));
        hand.click(hand.words("turned with the line"));
        assertThat(along(structure(Motifs.class)).turned()).isFalse();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void motifsAsATrim() throws Exception {
        hand.click("shelf-Terns");
        Project before = hand.studio().project();
        hand.click("place-trim");
        assertThat(trim(structure(Motifs.class)).corner()).contains(2);
        tryAll(Motifs.class, List.of(new Row<>("breadth-of-the-run", "18", m -> trim(m).form().breadthMm(), 18),
                new Row<>("inset-of-the-run", "3", m -> trim(m).form().insetMm(), 3),
                new Row<>("gap-of-the-run", "2.5", m -> trim(m).form().gapMm(), 2.5),
                new Row<>("variety-of-gaps-in-the-run", "30", m -> trim(m).form().gapVary(), 0.3),
                new Row<>("variety-of-sizes-in-the-run", "20", m -> trim(m).form().sizeVary(), 0.2),
                new Row<>("rows-of-the-run", "2", m -> trim(m).form().rows(), 2),
                new Row<>("shift-of-rows-in-the-run", "25", m -> trim(m).form().rowShift(), 0.25)));
        for (String each : List.of("run-corner-round", "run-bent", "run-whole", "run-chance", "run-ring")) {
            Placing.Trim was = trim(structure(Motifs.class));
            hand.click(each);
            assertThat(trim(structure(Motifs.class))).as(each).isNotEqualTo(was);
        }
        assertThat(undoAll()).isEqualTo(before);
    }

    private static Placing.Trim trim(Motifs m) {
        return (Placing.Trim) m.placing();
    }

    private static Placing.Rows rows(Motifs m) {
        return (Placing.Rows) m.placing();
    }

    private static Placing.Rings rings(Motifs m) {
        return (Placing.Rings) m.placing();
    }

    private static Placing.Along along(Motifs m) {
        return (Placing.Along) m.placing();
    }

    private static Placing.Scattered scattered(Motifs m) {
        return (Placing.Scattered) m.placing();
    }

    @Test
    void scatteredMotifs() throws Exception {
        hand.click("shelf-Terns");
        hand.click("place-scattered");
        Project before = hand.studio().project();
        tryAll(Motifs.class, List.of(new Row<>("scattered-motifs", "9", m -> scattered(m).count(), 9),
                new Row<>("gap-between-motifs", "2.5", m -> scattered(m).gapMm(), 2.5),
                new Row<>("smallest-motif", "60", m -> scattered(m).least(), 0.6),
                new Row<>("largest-motif", "150", m -> scattered(m).most(), 1.5),
                new Row<>("least-turn", "-20", m -> scattered(m).turnFrom(), -20),
                new Row<>("most-turn", "45", m -> scattered(m).turnTo(), 45),
                new Row<>("share-of-mirrored-motifs", "50", m -> scattered(m).flipped(), 0.5),
                new Row<>("motifs-put-into-gaps", "2", m -> scattered(m).fill(), 2),
                new Row<>("steps-apart", "3", m -> scattered(m).relax(), 3),
                new Row<>("share-of-motif-2", "0.5",
                        m -> scattered(m).shares().isEmpty() ? 1 : scattered(m).shares().get(1), 0.5)));
        hand.click("vary-ink");
        assertThat(scattered(structure(Motifs.class)).inks()).hasSize(1);
        hand.click(hand.named("Add an ink to the scatter"));
        assertThat(scattered(structure(Motifs.class)).inks()).hasSize(2);
        hand.click(hand.named("Remove scatter ink 1"));
        hand.click("vary-ink");
        assertThat(scattered(structure(Motifs.class)).inks()).isEmpty();
        long seed = scattered(structure(Motifs.class)).seed();
        hand.click(hand.named("Scatter anew"));
        assertThat(scattered(structure(Motifs.class)).seed()).isEqualTo(seed + 1);
        while (!hand.studio().project().equals(before)) {
            hand.press(KeyCode.CONTROL, KeyCode.Z);
        }
    }

    /** @return the form of the part in hand */
    private Form form() {
        Motif motif = hand.studio().motifHand().in(structure(Motifs.class));
        return motif.parts().get(hand.studio().motifHand().part(motif)).form();
    }

    @Test
    void theNumbersOfEveryForm() throws Exception {
        hand.click("shelf-Terns");
        Project before = hand.studio().project();
        for (Form each : Form.examples(10)) {
            Hand.onFx(() -> hand.studio().editStructure("draw", Motifs.class, m -> {
                MotifHand inHand = hand.studio().motifHand();
                return m.replace(inHand.in(m).id(), one -> {
                    List<Part> parts = new ArrayList<>(one.parts());
                    int at = inHand.part(one);
                    parts.set(at, parts.get(at).withForm(each));
                    return one.withParts(parts);
                });
            }));
            hand.rest();
            switch (each) {
                case Form.Rectangle _ -> {
                    hand.write("form-width", "14");
                    hand.write("form-height", "6");
                    hand.write("form-corner", "2");
                    assertThat(form()).isEqualTo(new Form.Rectangle(14, 6, 2));
                    hand.write("form-height", "3");
                    assertThat(form()).as("the corner gives way").isEqualTo(new Form.Rectangle(14, 3, 1.5));
                }
                case Form.Ring _ -> {
                    hand.write("form-size", "12");
                    hand.write("form-hole", "30");
                    assertThat(form()).isEqualTo(new Form.Ring(12, 0.3));
                    hand.write("form-hole", "100");
                    assertThat(form()).isEqualTo(new Form.Ring(12, 0.3));
                    assertThat(hand.text("message-text")).contains("99 %");
                }
                case Form.Wedge _ -> {
                    hand.write("form-size", "12");
                    hand.write("form-sweep", "45");
                    assertThat(form()).isEqualTo(new Form.Wedge(12, 45));
                }
                case Form.Polygon _ -> {
                    hand.write("form-sides", "8");
                    hand.write("form-size", "12");
                    assertThat(form()).isEqualTo(new Form.Polygon(8, 12));
                }
                case Form.Star _ -> {
                    hand.write("form-points", "7");
                    hand.write("form-size", "12");
                    hand.write("form-inner", "60");
                    assertThat(form()).isEqualTo(new Form.Star(7, 12, 0.6));
                }
                default -> {
                    hand.write("form-width", "5");
                    hand.write("form-height", "8");
                    assertThat(form().shape().getBounds2D().getHeight()).isCloseTo(8, within(1e-6));
                    assertThat(form().shape().getBounds2D().getWidth()).isCloseTo(5, within(0.05));
                }
            }
        }
        assertThat(undoAll()).isEqualTo(before);
    }
}
