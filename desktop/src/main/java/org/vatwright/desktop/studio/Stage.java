package org.vatwright.desktop.studio;

/** The stages of the work, in their order. */
public enum Stage {
    BUILD("Build"), INSPECT("Inspect"), COLOUR("Colour"), DRESS("Dress"), PRODUCE("Produce");

    private final String title;

    Stage(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
