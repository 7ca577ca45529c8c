package org.vatwright.files.type;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.dress.Typeface;

/** Sets lines of text as the face's own tables have it: pairs closer together, letters drawn as one. */
final class Shaper implements Typeface {

    private static final float SIZE = 1000;
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final String name;
    private final Font plain;
    private final Font joined;
    private final double unit;

    Shaper(String name, Font font) {
        this.name = name;
        plain = font.deriveFont(SIZE).deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        joined = plain.deriveFont(Map.of(TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
        double capital = plain.createGlyphVector(EXACT, "H").getGlyphOutline(0).getBounds2D().getHeight();
        unit = 1 / (capital > 0 ? capital : SIZE * 0.7);
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public Optional<Shape> outline(int codePoint) {
        return set(Character.toString(codePoint), false).stream().findFirst().flatMap(Glyph::shape);
    }

    @Override
    public double advance(int codePoint) {
        return set(Character.toString(codePoint), false).stream().mapToDouble(Glyph::advance).sum();
    }

    @Override
    public double kerning(int left, int right) {
        List<Glyph> pair = set(Character.toString(left) + Character.toString(right), false);
        return pair.size() == 2 ? pair.get(1).at() - advance(left) : 0;
    }

    // One at a time: the font keeps what it has laid out.
    @Override
    public synchronized List<Glyph> set(String text, boolean ligatures) {
        List<Glyph> line = new ArrayList<>();
        if (text.isEmpty()) {
            return line;
        }
        char[] chars = text.toCharArray();
        GlyphVector glyphs = (ligatures ? joined : plain).layoutGlyphVector(EXACT, chars, 0, chars.length,
                Font.LAYOUT_LEFT_TO_RIGHT);
        int n = glyphs.getNumGlyphs();
        for (int i = 0; i < n; i++) {
            int from = glyphs.getGlyphCharIndex(i);
            int to = i + 1 < n ? glyphs.getGlyphCharIndex(i + 1) : chars.length;
            double at = glyphs.getGlyphPosition(i).getX();
            double advance = glyphs.getGlyphPosition(i + 1).getX() - at;
            String own = to > from ? text.substring(from, to) : "";
            boolean known = !own.isBlank() && plain.canDisplay(own.codePointAt(0));
            AffineTransform place = AffineTransform.getScaleInstance(unit, unit);
            place.translate(-at, 0);
            Shape shape = place.createTransformedShape(glyphs.getGlyphOutline(i));
            line.add(new Glyph(own, Optional.of(shape).filter(s -> known && !s.getBounds2D().isEmpty()), at * unit,
                    advance * unit));
        }
        return line;
    }
}
