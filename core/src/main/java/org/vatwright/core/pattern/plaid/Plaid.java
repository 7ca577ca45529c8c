package org.vatwright.core.pattern.plaid;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

import org.vatwright.core.loom.Cloth;
import org.vatwright.core.loom.Letters;
import org.vatwright.core.loom.SettCloth;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.pattern.Ink;

/**
 * A plaid: a cloth of any sett, and the letters its sett is written in.
 *
 * @param letters the ink each letter stands for; every ink of the cloth has one
 * @param angleDeg above -180 to 180, counter-clockwise as seen
 */
public record Plaid(Cloth cloth, Map<String, Ink> letters, double angleDeg) implements SettCloth {

    public static final String FAMILY = "plaid";

    public Plaid {
        angleDeg = Angle.turn(angleDeg);
        Map<String, Ink> all = new TreeMap<>(letters);
        for (Ink ink : cloth.inks()) {
            if (!all.containsValue(ink)) {
                all.put(Letters.forSlot(ink.words(), all.keySet()), ink);
            }
        }
        letters = Collections.unmodifiableMap(all);
    }

    public Plaid(Cloth cloth) {
        this(cloth, Map.of(), 0);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return new ArrayList<>(cloth.inks());
    }

    @Override
    public Plaid withInks(UnaryOperator<Ink> change) {
        Map<String, Ink> changed = new LinkedHashMap<>();
        letters.forEach((letter, ink) -> changed.put(letter, change.apply(ink)));
        return new Plaid(cloth.withInks(change), changed, angleDeg);
    }

    @Override
    public Plaid withCloth(Cloth other) {
        return new Plaid(other, letters, angleDeg);
    }

    public Plaid withAngle(double degrees) {
        return new Plaid(cloth, letters, degrees);
    }

    /** @return with a letter standing for that ink */
    public Plaid withLetter(String letter, Ink ink) {
        Map<String, Ink> more = new LinkedHashMap<>(letters);
        more.put(letter, ink);
        return new Plaid(cloth, more, angleDeg);
    }

    @Override
    public Plaid closed(double degrees, double endsPerCm, double picksPerCm) {
        return withCloth(cloth.withCounts(endsPerCm, picksPerCm)).withAngle(degrees);
    }

    /** @return with that sett in the warp or the weft; every letter must be known */
    public Plaid withText(boolean warp, SettText text) {
        return withSett(warp, text, letters);
    }

    @Override
    public Plaid withSett(boolean warp, SettText text, Map<String, Ink> inks) {
        return new Plaid(cloth.withRun(warp, SettCloth.run(text, inks)), inks, angleDeg);
    }
}
