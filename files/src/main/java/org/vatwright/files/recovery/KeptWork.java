package org.vatwright.files.recovery;

import java.nio.file.Path;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;

/**
 * Work as it is kept.
 *
 * @param file where the project was saved last
 * @param design in view, shown when the work is offered
 */
public record KeptWork(Project project, Optional<Path> file, Id design) {}
