package org.vatwright.files.type;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.GraphicsEnvironment;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Stream;

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

    /** @return one that comes with the program or with the system. @throws Refusal when there is no such face */
    public Typeface named(String name) {
        return find(Stream.concat(names().stream(), system().stream()).filter(n -> n.equalsIgnoreCase(name.strip()))
                .findFirst()
                .orElseThrow(() -> new Refusal("there is no typeface \"%s\"; there are %s".formatted(name,
                        String.join(", ", names())))));
    }

    @Override
    public Typeface find(String name) {
        String known = FILES.containsKey(name) ? name : names().getFirst();
        return loaded.computeIfAbsent(FILES.containsKey(name) || !system().contains(name) ? known : name,
                ShippedTypefaces::load);
    }

    @Override
    public List<String> system() {
        return SYSTEM.get();
    }

    /** Of the system, once it is asked for; those that stand for another are left out. */
    private static final Supplier<List<String>> SYSTEM = new Supplier<>() {

        private List<String> names;

        @Override
        public synchronized List<String> get() {
            if (names == null) {
                names = read();
            }
            return names;
        }

        private List<String> read() {
            try {
                Set<String> logical = Set.of(Font.DIALOG, Font.DIALOG_INPUT, Font.MONOSPACED, Font.SANS_SERIF,
                        Font.SERIF);
                return Arrays.stream(GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames())
                        .filter(n -> !logical.contains(n) && !FILES.containsKey(n)).toList();
            } catch (RuntimeException | LinkageError none) {
                // A system without fonts of its own has none to offer.
                return List.of();
            }
        }
    };

    private static Typeface load(String name) {
        String file = FILES.get(name);
        if (file == null) {
            return new Shaper(name, new Font(name, Font.PLAIN, 12));
        }
        Optional<Typeface> shaped = shaped(name, file);
        if (shaped.isPresent()) {
            return shaped.get();
        }
        try (InputStream in = ShippedTypefaces.class.getResourceAsStream(file)) {
            RandomAccessReadBuffer bytes = new RandomAccessReadBuffer(in.readAllBytes());
            return new Face(name, file.endsWith(".otf") ? new OTFParser().parse(bytes) : new TTFParser().parse(bytes));
        } catch (IOException e) {
            throw new IllegalStateException("the shipped typeface " + file + " cannot be read", e);
        }
    }

    /** @return set by the face's own tables; none on a system that cannot set type at all */
    private static Optional<Typeface> shaped(String name, String file) {
        try (InputStream in = ShippedTypefaces.class.getResourceAsStream(file)) {
            return Optional.of(new Shaper(name, Font.createFont(Font.TRUETYPE_FONT, in)));
        } catch (FontFormatException | IOException | RuntimeException | LinkageError none) {
            return Optional.empty();
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
