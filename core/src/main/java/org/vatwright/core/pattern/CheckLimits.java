package org.vatwright.core.pattern;

import java.util.EnumMap;
import java.util.Map;

/**
 * The limits that hold for a commission.
 *
 * @param own those that are not the usual ones
 */
public record CheckLimits(Map<CheckLimit, Double> own) {

    public static final CheckLimits USUAL = new CheckLimits(Map.of());

    public CheckLimits {
        Map<CheckLimit, Double> other = new EnumMap<>(CheckLimit.class);
        own.forEach((limit, value) -> {
            if (limit.checked(value) != limit.usual()) {
                other.put(limit, value);
            }
        });
        own = Map.copyOf(other);
    }

    public double of(CheckLimit limit) {
        return own.getOrDefault(limit, limit.usual());
    }

    public CheckLimits with(CheckLimit limit, double value) {
        Map<CheckLimit, Double> more = new EnumMap<>(CheckLimit.class);
        more.putAll(own);
        more.put(limit, value);
        return new CheckLimits(more);
    }
}
