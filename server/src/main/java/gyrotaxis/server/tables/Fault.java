package gyrotaxis.server.tables;

/**
 * What is wrong in a table that was read.
 *
 * @param line of the file, from 1, the names of the columns being line 1; 0 if all of it is wrong
 * @param column its name; empty if all of the line is wrong
 * @param reason what is wrong and what would be right, in a sentence
 */
public record Fault(int line, String column, String reason) {}
