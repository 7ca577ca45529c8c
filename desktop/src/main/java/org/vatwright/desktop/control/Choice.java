package org.vatwright.desktop.control;

import org.vatwright.core.measure.Id;

/** Something to choose: told by its id, shown by its name. */
public record Choice(Id id, String name) {

    @Override
    public String toString() {
        return name;
    }
}
