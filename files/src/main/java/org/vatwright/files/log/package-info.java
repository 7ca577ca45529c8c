/** Where the details of what nobody expected are kept, and the sentence that a user is told instead. */
package org.vatwright.files.log;
