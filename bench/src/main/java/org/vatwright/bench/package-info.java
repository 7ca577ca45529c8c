/** What is measured; figures and how to read them: docs/performance.md. */
package org.vatwright.bench;
