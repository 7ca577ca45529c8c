package org.vatwright.files.type;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Refusal;

/** The typefaces that come with the program, all under open licences, which lie beside them. */
public final class ShippedTypefaces implements Typeface.Case {

    private static final Map<String, String> FILES = new LinkedHashMap<>();

    static {
        FILES.put("League Spartan Black", "LeagueSpartan-Black.otf");
        FILES.put("Cabin Bold", "Cabin-Bold.otf");
        FILES.put("Leckerli One", "LeckerliOne-Regular.ttf");
        FILES.put("Bebas Neue Bold", "BebasNeue-Bold.otf");
        FILES.put("Comfortaa Bold", "Comfortaa-Bold.ttf");
        FILES.put("Goudy Bookletter", "GoudyBookletter1911.otf");
        FILES.put("Roboto Slab Bold", "RobotoSlab-Bold.otf");
        FILES.put("Routed Gothic", "RoutedGothic.ttf");
    }

    private final Map<String, Typeface> loaded = new ConcurrentHashMap<>();

    @Override
    public List<String> names() {
        return List.copyOf(FILES.keySet());
    }

    /** @throws Refusal when there is no such face */
    public Typeface named(String name) {
        return find(names().stream().filter(n -> n.equalsIgnoreCase(name.strip())).findFirst()
                .orElseThrow(() -> new Refusal("there is no typeface \"%s\"; there are %s".formatted(name,
                        String.join(", ", names())))));
    }

    @Override
    public Typeface find(String name) {
        String known = FILES.containsKey(name) ? name : names().getFirst();
        return loaded.computeIfAbsent(known, ShippedTypefaces::load);
    }

    private static Typeface load(String name) {
        String file = FILES.get(name);
        try (InputStream in = ShippedTypefaces.class.getResourceAsStream(file)) {
            RandomAccessReadBuffer bytes = new RandomAccessReadBuffer(in.readAllBytes());
            return new Face(name, file.endsWith(".otf") ? new OTFParser().parse(bytes) : new TTFParser().parse(bytes));
        } catch (IOException e) {
            throw new IllegalStateException("the shipped typeface " + file + " cannot be read", e);
        }
    }

    private static final class Face implements Typeface {
        private final String name;
        private final TrueTypeFont font;
        private final CmapLookup glyphs;
        private final double unit;

        Face(String name, TrueTypeFont font) throws IOException {
            this.name = name;
            this.font = font;
            glyphs = font.getUnicodeCmapLookup();
            unit = 1 / path('H').getBounds2D().getHeight();
        }

        @Override
        public String name() {
            return name;
        }

        // FontBox reads glyphs when asked and is not safe to use from several threads.
        private synchronized GeneralPath path(int codePoint) throws IOException {
            int glyph = glyphs.getGlyphId(codePoint);
            if (glyph == 0) {
                return null;
            }
            return font instanceof OpenTypeFont otf && otf.isPostScript()
                    ? otf.getCFF().getFont().getType2CharString(glyph).getPath()
                    : font.getGlyph().getGlyph(glyph).getPath();
        }

        @Override
        public Optional<Shape> outline(int codePoint) {
            try {
                return Optional.ofNullable(path(codePoint))
                        .map(p -> p.createTransformedShape(AffineTransform.getScaleInstance(unit, -unit)));
            } catch (IOException e) {
                throw new IllegalStateException("the letter cannot be read from " + name, e);
            }
        }

        @Override
        public synchronized double advance(int codePoint) {
            try {
                return font.getAdvanceWidth(glyphs.getGlyphId(codePoint)) * unit;
            } catch (IOException e) {
                throw new IllegalStateException("the letter cannot be read from " + name, e);
            }
        }

        @Override
        public synchronized double kerning(int left, int right) {
            try {
                var table = font.getKerning();
                var pairs = table == null ? null : table.getHorizontalKerningSubtable();
                return pairs == null
                        ? 0
                        : pairs.getKerning(glyphs.getGlyphId(left), glyphs.getGlyphId(right)) * unit;
            } catch (IOException e) {
                throw new IllegalStateException("the kerning cannot be read from " + name, e);
            }
        }
    }
}
