package org.vatwright.desktop.building;

import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** Which way a zigzag runs. */
final class ZigzagAngle extends LaidAngle {

    ZigzagAngle(Studio studio) {
        super(studio, "zigzag");
        getChildren().addFirst(Ui.row(Ui.link("run level", () -> run("run level", 0)),
                Ui.link("run upright", () -> run("run upright", 90))));
    }

    private void run(String name, double degrees) {
        edit(name, l -> l.withAngle(degrees));
    }
}
