/** Checks. They return findings: a severity, a number, a limit, a sentence; never just text. */
package org.vatwright.core.inspect;
