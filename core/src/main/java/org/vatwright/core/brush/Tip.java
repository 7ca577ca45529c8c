package org.vatwright.core.brush;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import org.vatwright.core.measure.Refusal;

/** The form of what touches the cloth. */
public enum Tip {
    /** A disc, or an ellipse when it is less broad than long. */
    ROUND("round"),
    /** A disc that catches only the raised grain of what it is drawn over. */
    DRY("dry"),
    /** Pointed at both ends. */
    SEED("seed"),
    /** Hairs side by side, each with more or less ink as it goes. */
    BRISTLE("bristle"),
    /** Drops strewn about the way. */
    SPRAY("spray"),
    /** The outline of a motif. */
    MOTIF("motif"),
    /** A picture: ink where it is dark. */
    PICTURE("picture");

    /** Those that are made of nothing else. */
    public static final List<Tip> PLAIN = List.of(ROUND, DRY, SEED, BRISTLE, SPRAY);

    private final String words;

    Tip(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @return whether it is made of something else */
    public boolean formed() {
        return this == MOTIF || this == PICTURE;
    }

    /** @return whether its marks have gaps of their own making */
    public boolean breaks() {
        return this == DRY || this == BRISTLE;
    }

    public static Tip parse(String word) {
        return Arrays.stream(values()).filter(t -> t.words.equals(word)).findFirst()
                .orElseThrow(() -> new Refusal("\"%s\" is no tip of a brush; %s are".formatted(word,
                        Arrays.stream(values()).map(Tip::words).collect(Collectors.joining(", ")))));
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
