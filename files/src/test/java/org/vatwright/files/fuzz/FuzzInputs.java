package org.vatwright.files.fuzz;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

import javax.imageio.ImageIO;

import org.vatwright.core.family.together.Taken;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.wif.WifDesign;

/** What the fuzz driver starts from, one list for each reader, and how it is changed. */
final class FuzzInputs {

    enum Kind {
        DESIGN, PROJECT, MOTIF, FLAT, WEAVING, PICTURE, SETT
    }

    /** An input, and where it comes from. */
    record Input(Kind kind, long seed, byte[] bytes) {}

    /** A drawing with a little of everything a reader knows. */
    private static final String DRAWING = """
            <svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="30mm" viewBox="0 0 400 300">
              <style>.hull { fill: #26407a; stroke: #b4472f; stroke-width: 3 } #mast { stroke-dasharray: 4 2 1 }</style>
              <defs>
                <linearGradient id="sky" x1="0" x2="1"><stop offset="0" stop-color="#fff"/><stop offset="1" stop-color="#88a"/></linearGradient>
                <radialGradient id="sun" cx="0.5" cy="0.5" r="0.4" href="#sky"/>
                <pattern id="deck" width="20" height="12" patternUnits="userSpaceOnUse"><rect width="20" height="10" fill="#c96"/></pattern>
                <clipPath id="round"><circle cx="200" cy="150" r="120"/></clipPath>
                <g id="gull"><path d="M0 0c10-8 14-8 20 0c6-8 10-8 20 0" fill="none" stroke="#222"/></g>
              </defs>
              <rect width="400" height="300" fill="url(#sky)"/>
              <circle cx="320" cy="60" r="40" fill="url(#sun)" opacity="0.8"/>
              <g clip-path="url(#round)" transform="rotate(5 200 150) scale(1.1 0.9)">
                <path class="hull" d="M60 180h240l-40 60H100zM120 170l30-40 30 40z" fill-rule="evenodd"/>
                <rect x="80" y="185" width="200" height="20" rx="6" fill="url(#deck)"/>
                <line id="mast" x1="180" y1="40" x2="180" y2="180" stroke="#222" stroke-linecap="round" stroke-width="5"/>
              </g>
              <polygon points="180,40 260,160 180,170" fill="#ede" stroke="#333" stroke-linejoin="bevel"/>
              <polyline points="20,260 60,250 100,262 140,250" fill="none" stroke="#26407a" stroke-width="4"/>
              <ellipse cx="60" cy="80" rx="30" ry="12" fill="rgb(200, 210, 220)" transform="skewX(12) matrix(1 0 0.2 1 3 4)"/>
              <use href="#gull" x="90" y="60"/><use href="#gull" transform="translate(140 80) scale(0.6)"/>
              <path d="M300 200a30 20 15 1 0 40 10q10 20 30 0t20 5s-10 30-40 20S300 240 300 200" fill="#9b7"/>
            </svg>
            """;

    private final Map<Kind, List<byte[]>> seeds = new EnumMap<>(Kind.class);

    /** @param drawings the demo's SVG files */
    FuzzInputs(List<byte[]> drawings, Path scratch) throws IOException {
        Project demo = DemoCommission.load();
        List<byte[]> designs = new ArrayList<>();
        List<byte[]> weavings = new ArrayList<>();
        for (Design design : demo.designs()) {
            designs.add(ProjectFile.designJson(design));
            for (Layer layer : design.layers()) {
                if (layer.structure() instanceof Weaving weaving) {
                    weavings.add(WifDesign.file(weaving, design.palette(), design.palette().first()).written()
                            .getBytes(StandardCharsets.UTF_8));
                }
            }
        }
        designs.add(ProjectFile.designJson(surfaced(demo)));
        List<byte[]> drawn = new ArrayList<>(drawings);
        drawn.add(DRAWING.getBytes(StandardCharsets.UTF_8));
        seeds.put(Kind.DESIGN, designs);
        seeds.put(Kind.PROJECT, List.of(saved(demo, scratch), saved(withPictures(demo), scratch)));
        seeds.put(Kind.MOTIF, drawn);
        seeds.put(Kind.FLAT, drawn);
        seeds.put(Kind.WEAVING, weavings);
        seeds.put(Kind.PICTURE, pictures());
        seeds.put(Kind.SETT, List.of("K/4 R24 K24 Y4/", "B24 W4 B24", "a1 b2 c3 d4 e5", "K/8 B2 K8 W/16").stream()
                .map(s -> s.getBytes(StandardCharsets.UTF_8)).toList());
    }

    /** What no design of the demo has: fades, gradients of all kinds, layers taken together and shown by others' marks. */
    private static Design surfaced(Project demo) {
        Design design = Taken.together(demo.design(new Id("tarpaulin")).orElseThrow(), Set.of(4, 5), "Bars");
        int n = 0;
        for (Fill.Across across : Fill.Across.values()) {
            Course course = new Course(Course.Kind.values()[n % 3], 0.1, 0.2, 0.8, 0.5, n % 2 == 0);
            Design with = design.addFill(Fill.of("Blend " + ++n, new Fill.OfGradient(course, across,
                    List.of(new Gradient.Stop(0, Ink.slot("Wax"), 1), new Gradient.Stop(0.7, Ink.CLEAR, 1),
                            new Gradient.Stop(1, Ink.slot("Rust"), 0.5)))));
            int layer = n;
            Ink ink = with.fills().getLast().ink();
            design = n > 3
                    ? with.withGround(ink)
                    : with.replace(layer, l -> l.withInks(i -> i instanceof Ink.Slot ? ink : i)
                            .withFade(Optional.of(new Fade(course, 1, 0.2)))
                            .withShows(layer == 3 ? new Shows.InMarks(1, true) : l.shows()));
        }
        return design;
    }

    private static byte[] saved(Project project, Path scratch) throws IOException {
        Path file = scratch.resolve("seed.vatwright");
        ProjectFile.write(project, file);
        return Files.readAllBytes(file);
    }

    private static Project withPictures(Project demo) {
        Project project = demo;
        for (Design design : demo.designs().subList(0, 3)) {
            Raster raster = new Raster(24, 16);
            for (int i = 0; i < raster.argb().length; i++) {
                raster.argb()[i] = 0xFF000000 | i * 0x10305;
            }
            project = project.edit(design.id(),
                    d -> d.addFill(new Fill("Paint", new Fill.OfPicture(new Picture(raster, 150)))));
        }
        return project;
    }

    private static List<byte[]> pictures() throws IOException {
        List<byte[]> all = new ArrayList<>();
        for (int type : new int[]{BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_BYTE_GRAY,
                BufferedImage.TYPE_BYTE_INDEXED, BufferedImage.TYPE_USHORT_GRAY}) {
            BufferedImage image = new BufferedImage(31, 17, type);
            Graphics2D g = image.createGraphics();
            g.setColor(Color.ORANGE);
            g.fillOval(3, 2, 20, 12);
            g.dispose();
            for (String format : List.of("png", "jpg", "gif", "bmp", "tif")) {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                if (ImageIO.write(image, format, out)) {
                    all.add(out.toByteArray());
                }
            }
        }
        return all;
    }

    /** @return the same for the same number, whatever was asked for before */
    Input input(long number) {
        Random random = new Random(number * 0x9E3779B97F4A7C15L);
        Kind[] kinds = {Kind.DESIGN, Kind.DESIGN, Kind.DESIGN, Kind.PROJECT, Kind.MOTIF, Kind.MOTIF, Kind.FLAT,
                Kind.WEAVING, Kind.PICTURE, Kind.SETT};
        Kind kind = kinds[random.nextInt(kinds.length)];
        List<byte[]> from = seeds.get(kind);
        byte[] seed = from.get(random.nextInt(from.size()));
        Mutator mutator = new Mutator(random);
        byte[] bytes = switch (kind) {
            case DESIGN -> random.nextInt(10) == 0
                    ? mutator.bytes(seed)
                    : new JsonMutator(random).change(seed);
            case PROJECT -> random.nextInt(4) == 0 ? mutator.bytes(seed) : document(seed, new JsonMutator(random));
            case MOTIF, FLAT, WEAVING, SETT ->
                mutator.text(new String(seed, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8);
            case PICTURE -> mutator.bytes(seed);
        };
        return new Input(kind, number, bytes);
    }

    /** The archive with its document changed, so that more than the archive is tried. */
    private static byte[] document(byte[] zip, JsonMutator mutator) {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            Map<String, byte[]> entries = new LinkedHashMap<>();
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
            entries.computeIfPresent("project.json", (name, json) -> mutator.change(json));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (ZipOutputStream packed = new ZipOutputStream(out)) {
                for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                    packed.putNextEntry(new ZipEntry(entry.getKey()));
                    packed.write(entry.getValue());
                    packed.closeEntry();
                }
            }
            return out.toByteArray();
        } catch (IOException e) {
            throw new AssertionError("the seed is no archive", e);
        }
    }
}
