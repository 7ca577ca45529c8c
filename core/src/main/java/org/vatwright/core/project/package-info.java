/** The document: the project as a value, and its history. */
package org.vatwright.core.project;
