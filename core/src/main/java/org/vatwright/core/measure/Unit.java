package org.vatwright.core.measure;

/** Units of length the window takes and shows. Millimetres inside; a pixel has a length only with a density. */
public enum Unit {
    MM("mm"), CM("cm"), INCH("in"), PX("px");

    public static final double MM_PER_INCH = 25.4;

    private final String sign;

    Unit(String sign) {
        this.sign = sign;
    }

    public String sign() {
        return sign;
    }

    /** @return millimetres in one of this unit at that density */
    public double toMm(double value, Density density) {
        return switch (this) {
            case MM -> value;
            case CM -> value * 10;
            case INCH -> value * MM_PER_INCH;
            case PX -> density.mm(value);
        };
    }

    public double fromMm(double mm, Density density) {
        return switch (this) {
            case MM -> mm;
            case CM -> mm / 10;
            case INCH -> mm / MM_PER_INCH;
            case PX -> density.px(mm);
        };
    }
}
