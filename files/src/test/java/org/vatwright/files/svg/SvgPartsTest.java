package org.vatwright.files.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.nio.charset.StandardCharsets;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.files.disk.Limits;
import org.w3c.dom.Element;

/** What a drawing's attributes say: colours, lengths, transforms, style rules. */
class SvgPartsTest {

    private static Element drawing(String svg) {
        return SafeXml.drawing(svg.getBytes(StandardCharsets.UTF_8), "trial.svg", Limits.STANDARD);
    }

    /** Values of CSS Color 4 and of its examples. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            #f0a            | #ff00aa | 1
            #f0a8           | #ff00aa | 0.5333
            #FF00aa80       | #ff00aa | 0.502
            rebeccapurple   | #663399 | 1
            LightGoldenRodYellow | #fafad2 | 1
            rgb(255, 0, 51) | #ff0033 | 1
            rgb(100% 0% 20%)| #ff0033 | 1
            rgba(0,0,255,.25) | #0000ff | 0.25
            rgb(0 0 255 / 25%) | #0000ff | 0.25
            hsl(120, 100%, 25%) | #008000 | 1
            hsl(39 100% 50%) | #ffa600 | 1
            hsla(240, 100%, 50%, .5) | #0000ff | 0.5
            transparent     | #000000 | 0
            """)
    void coloursAreThoseOfTheRecommendation(String text, String hex, double opacity) {
        SvgColours.Colour colour = SvgColours.parse(text).orElseThrow();
        assertThat(colour.rgb().hex()).isEqualTo(hex);
        assertThat(colour.opacity()).isEqualTo(opacity, within(0.001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"#12", "#ggg", "rgb(1,2)", "sky", "hsl()", "rgb(", "", "url(#a)"})
    void whatIsNoColourIsNone(String text) {
        assertThat(SvgColours.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "12px, 12", "1in, 96", "25.4mm, 96", "2.54cm, 96", "72pt, 96", "6pc, 96", "50%, 100",
            "-1.5e1, -15", ".5, 0.5", "nothing, 7", "'', 7"})
    void lengthsAreInUserUnits(String text, double px) {
        assertThat(SvgNumbers.length(text, 200, 7)).isEqualTo(px, within(1e-9));
    }

    @Test
    void transformsAreAppliedFromTheRightAndRotateAboutAPoint() {
        Random random = new Random(6);
        for (int n = 0; n < 200; n++) {
            double tx = random.nextInt(40) - 20;
            double ty = random.nextInt(40) - 20;
            double a = random.nextInt(360);
            double sx = 0.5 + random.nextDouble();
            double k = random.nextInt(50) - 25;
            AffineTransform wanted = AffineTransform.getTranslateInstance(tx, ty);
            wanted.rotate(Math.toRadians(a), 3, 4);
            wanted.scale(sx, sx / 2);
            wanted.shear(Math.tan(Math.toRadians(k)), 0);
            wanted.concatenate(new AffineTransform(1, 2, 3, 4.5, 5, 6));
            AffineTransform read = SvgTransforms
                    .parse("translate(%s,%s)\n rotate(%s 3,4) scale(%s %s),skewX(%s)matrix(1 2 3 4.5 5 6)"
                            .formatted(tx, ty, a, sx, sx / 2, k));
            Point2D point = new Point2D.Double(random.nextInt(20), random.nextInt(20));
            assertThat(read.transform(point, null).distance(wanted.transform(point, null))).isLessThan(1e-4);
        }
        assertThat(SvgTransforms.parse("turn(3)").isIdentity()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"'', 0, 25, 100, 75", "none, 0, 0, 100, 100", "xMinYMin meet, 0, 0, 100, 50",
            "xMaxYMax meet, 0, 50, 100, 100", "xMidYMid slice, -50, 0, 150, 100"})
    void aViewBoxFitsItsViewportAsItSays(String ratio, double x0, double y0, double x1, double y1) {
        // A box of 20 x 10 that begins at 5, 5, in a viewport of 100 x 100.
        AffineTransform fit = SvgTransforms.fitting(new double[]{5, 5, 20, 10}, 0, 0, 100, 100, ratio);
        Point2D from = fit.transform(new Point2D.Double(5, 5), null);
        Point2D to = fit.transform(new Point2D.Double(25, 15), null);
        assertThat(new double[]{from.getX(), from.getY(), to.getX(), to.getY()}).containsExactly(
                new double[]{x0, y0, x1, y1}, within(1e-9));
    }

    @Test
    void theWeightiestRuleWinsWhateverItsPlace() {
        Element root = drawing("""
                <svg xmlns="http://www.w3.org/2000/svg"><style>
                  #one { fill: #000001 } .deck.rail { fill: #000002 } g .rail { fill: #000003 }
                  path { fill: #000004; stroke: #0000aa } .rail { fill: #000005 } /* .rail { fill: red } */
                </style><g><path id="one" class="deck rail"/><path class="rail deck"/><path class="rail"/><path/></g>
                <path class="rail"/></svg>""");
        SvgRules rules = SvgRules.within(root);
        String[] wanted = {"#000001", "#000002", "#000003", "#000004", "#000005"};
        var paths = root.getElementsByTagName("path");
        for (int i = 0; i < wanted.length; i++) {
            assertThat(rules.of((Element) paths.item(i))).as("path %d", i).containsEntry("fill", wanted[i])
                    .containsEntry("stroke", "#0000aa");
        }
    }
}
