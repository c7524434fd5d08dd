package org.leanlintel.server.plotting;

/**
 * How the plotter stands.
 *
 * @param sentence why it does not plot now; empty where it does
 * @param page the address of its own page; empty where it has none
 */
public record Plotter(String name, String sentence, String page) {}
