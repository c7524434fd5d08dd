/** Sheets sent to a plotter over IPP (RFC 8010, 8011), and the simulated one that comes with the program. */
@NullMarked
package org.leanlintel.server.plotting;

import org.jspecify.annotations.NullMarked;
