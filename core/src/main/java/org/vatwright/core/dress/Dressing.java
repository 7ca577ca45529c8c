package org.vatwright.core.dress;

import java.util.Optional;

/**
 * What one piece wears.
 *
 * @param lay how its design lies on it; bare when there is none
 */
public record Dressing(Optional<Lay> lay) {

    public static final Dressing BARE = new Dressing(Optional.empty());

    public static Dressing of(Lay lay) {
        return new Dressing(Optional.of(lay));
    }
}
