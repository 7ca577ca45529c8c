package org.vatwright.files.project;

import java.nio.file.Path;

import org.vatwright.core.measure.Refusal;

/** The file was changed by someone else since it was seen last; nothing was written. */
public final class ChangedMeanwhile extends Refusal {

    private static final long serialVersionUID = 1;

    ChangedMeanwhile(Path file) {
        super("%s was changed by someone else since it was opened or saved here".formatted(file.getFileName()));
    }
}
