/** The command line: the same work without a window, for scripts and for tests. */
package org.vatwright.cli;
