import { Database } from './database';

/** Small values, and what versions before 2 kept of frames. */
export const values = new Database('velmo');
/** What is known of each frame, and which names are given. */
export const records = new Database('velmo-records');
/** A small picture of each frame. */
export const thumbnails = new Database('velmo-thumbnails');
/** The bytes of frames' files: never listed, only asked for by key. */
export const bytes = new Database('velmo-bytes');
