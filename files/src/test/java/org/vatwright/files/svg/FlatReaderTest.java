package org.vatwright.files.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Limits;

class FlatReaderTest {

    private static final String TOTE = """
            <svg xmlns="http://www.w3.org/2000/svg" width="40cm" height="400mm" viewBox="0 0 200 200">
              <defs><rect id="unseen" width="5" height="5"/></defs>
              <g transform="translate(10 20) scale(2)" stroke="#102030" stroke-width="1.5">
                <path id="body_front" d="M0 0h50v40H0z"/>
                <circle cx="20" cy="20" r="5"><title>Eyelet</title></circle>
                <path d="M0 0 L 10 10"/>
                <path d="M0 0 L 10 0 L 10 10 L 0 0" style="stroke:none"/>
              </g>
              <polygon points="100,100 120,100 110,120"/>
              <image href="http://example.org/x.png" width="9" height="9"/>
              <rect width="10" height="10" display="none"/>
            </svg>
            """;

    private static FlatReader.Reading read(String svg) {
        return FlatReader.read(svg.getBytes(StandardCharsets.UTF_8), "tote", Limits.STANDARD);
    }

    @Test
    void everyClosedShapeIsAPieceInMillimetres() {
        FlatReader.Reading reading = read(TOTE);
        Article.Flat flat = reading.article();
        assertThat(flat.widthMm()).isEqualTo(400);
        assertThat(flat.pieces()).extracting(Piece::name).containsExactly("body front", "Eyelet", "piece 3", "piece 4");
        var body = flat.pieces().getFirst().outline().bounds();
        assertThat(body.getX()).isEqualTo(20, within(1e-9));
        assertThat(body.getWidth()).isEqualTo(200, within(1e-9));
        assertThat(flat.pieces().getFirst().stroke().orElseThrow().widthMm()).isEqualTo(6, within(1e-9));
        assertThat(flat.pieces().get(2).stroke()).isEmpty();
        assertThat(flat.lines()).hasSize(1);
        assertThat(reading.notes()).singleElement().asString().contains("example.org").contains("not followed");
    }

    @Test
    void whatLiesBeyondAllClothIsLeftOutAndSaid() {
        FlatReader.Reading reading = read("""
                <svg width="400mm" height="300mm" viewBox="0 0 400 300">
                  <rect id="body" x="20" y="20" width="200" height="100"/>
                  <path d="M0 0L2147483648 0L10 10Z"/>
                  <path stroke="#222" d="M 296 0 C 420 9e18 660 812 784 784"/>
                </svg>""");
        assertThat(reading.article().pieces()).extracting(Piece::name).containsExactly("body");
        assertThat(reading.article().lines()).isEmpty();
        assertThat(reading.notes()).hasSize(2).allSatisfy(n -> assertThat(n).contains("left out: path")
                .contains("20,000 mm are the farthest"));
    }

    @Test
    void aPathThatBeginsByClosingIsRefused() {
        assertThatThrownBy(() -> read("<svg width=\"9mm\" height=\"9mm\"><path d=\"Z M0 0L5 5L5 0Z\"/></svg>"))
                .isInstanceOf(Refusal.class).hasMessageContaining("a path that cannot be read");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "<!DOCTYPE svg [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><svg width=\"9\" height=\"9\"><text>&b;</text></svg>|declares entities",
            "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><svg>&x;</svg>|declares entities",
            "<svg width=\"9mm\" height=\"9mm\"><path d=\"M0 0L5 5\"/></svg>|no closed shape",
            "<svg width=\"9mm\" height=\"9mm\"><rect width=\"5\"|no drawing that can be read",
            "<html><body/></html>|is no SVG drawing",
            "<svg><rect width=\"5\" height=\"5\"/></svg>|neither its width nor a viewBox",
            "<svg viewBox=\"0 0 0 5\"><rect width=\"5\" height=\"5\"/></svg>|no area",
            "<svg width=\"9mm\" height=\"9mm\"><path d=\"M0 0 Q wrong z\"/></svg>|path that cannot be read",
            "<svg width=\"9e9mm\" height=\"9mm\"><rect width=\"5\" height=\"5\"/></svg>|drawing width"})
    void brokenAndHostileDrawingsAreRefusedWithTheReason(String svg, String told) {
        assertThatThrownBy(() -> read(svg)).isInstanceOf(Refusal.class).hasMessageContaining(told);
    }

    @Test
    void endlessNestingAndFloodsOfShapesEnd() {
        String deep = "<svg width='9mm' height='9mm'>" + "<g>".repeat(50_000) + "<rect width='5' height='5'/>"
                + "</g>".repeat(50_000) + "</svg>";
        assertThatThrownBy(() -> read(deep)).isInstanceOf(Refusal.class).hasMessageContaining("nest");
        String flood = "<svg width='9mm' height='9mm'>" + "<rect width='5' height='5'/>".repeat(5000) + "</svg>";
        assertThatThrownBy(() -> read(flood)).isInstanceOf(Refusal.class).hasMessageContaining("2,000");
    }

    @Test
    void aDocumentTypeThatIsOnlyNamedIsNotFetched() {
        FlatReader.Reading reading = read("<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' "
                + "'http://127.0.0.1:9/svg11.dtd'><svg width='9mm' height='9mm'><rect width='5' height='5'/></svg>");
        assertThat(reading.article().pieces()).hasSize(1);
    }

    @Test
    void noMutationBringsAnythingButADrawingOrARefusal() {
        Random random = new Random(3);
        for (int n = 0; n < 1500; n++) {
            StringBuilder svg = new StringBuilder(TOTE);
            for (int k = 0; k < 3; k++) {
                int at = random.nextInt(svg.length());
                switch (random.nextInt(3)) {
                    case 0 -> svg.setCharAt(at, (char) (32 + random.nextInt(95)));
                    case 1 -> svg.deleteCharAt(at);
                    default -> svg.insert(at, random.nextInt(1000));
                }
            }
            try {
                read(svg.toString());
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
