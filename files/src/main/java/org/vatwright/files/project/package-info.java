/** The project file and its JSON. One codec a family of structures; docs/file-format.md is the reference. */
package org.vatwright.files.project;
