package org.vatwright.files.recovery;

import java.nio.file.Path;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.files.disk.FileStamp;

/**
 * Work as it is kept.
 *
 * @param file where the project was saved last
 * @param seen that file as it was then, so that what someone else does to it is found out
 * @param design in view, shown when the work is offered
 */
public record KeptWork(Project project, Optional<Path> file, Optional<FileStamp> seen, Id design) {}
