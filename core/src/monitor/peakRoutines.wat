;; The inner loops of focus peaking, eight pixels at a time.
;; peakWasm.ts is made from this by `node tools/wat.mjs`; peaking.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; Luma of pixels from interleaved 16-bit raw values, weights in 1/256, between 0 and most. n: a multiple of eight.
  (func (export "lumaOf")
    (param $raw i32) (param $n i32) (param $red i32) (param $green i32) (param $blue i32) (param $most i32) (param $out i32)
    (local $last i32) (local $a v128) (local $b v128) (local $c v128) (local $r v128) (local $g v128) (local $s v128)
    (local $wr v128) (local $wg v128) (local $wb v128) (local $top v128)
    (local.set $wr (i16x8.splat (local.get $red)))
    (local.set $wg (i16x8.splat (local.get $green)))
    (local.set $wb (i16x8.splat (local.get $blue)))
    (local.set $top (i16x8.splat (local.get $most)))
    (local.set $last (i32.add (local.get $out) (i32.shl (local.get $n) (i32.const 1))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $out) (local.get $last)))
        (local.set $a (v128.load (local.get $raw)))
        (local.set $b (v128.load offset=16 (local.get $raw)))
        (local.set $c (v128.load offset=32 (local.get $raw)))
        ;; Red lies at 0 3 6 of a, 1 4 7 of b, 2 5 of c; green and blue one and two further.
        (local.set $r
          (i8x16.shuffle 0 1 2 3 4 5 6 7 8 9 10 11 20 21 26 27
            (i8x16.shuffle 0 1 6 7 12 13 18 19 24 25 30 31 0 0 0 0 (local.get $a) (local.get $b))
            (local.get $c)))
        (local.set $g
          (i8x16.shuffle 0 1 2 3 4 5 6 7 8 9 16 17 22 23 28 29
            (i8x16.shuffle 2 3 8 9 14 15 20 21 26 27 0 0 0 0 0 0 (local.get $a) (local.get $b))
            (local.get $c)))
        (local.set $s
          (i8x16.shuffle 0 1 2 3 4 5 6 7 8 9 18 19 24 25 30 31
            (i8x16.shuffle 4 5 10 11 16 17 22 23 28 29 0 0 0 0 0 0 (local.get $a) (local.get $b))
            (local.get $c)))
        (local.set $a
          (i32x4.add
            (i32x4.add
              (i32x4.extmul_low_i16x8_s (local.get $r) (local.get $wr))
              (i32x4.extmul_low_i16x8_s (local.get $g) (local.get $wg)))
            (i32x4.extmul_low_i16x8_s (local.get $s) (local.get $wb))))
        (local.set $b
          (i32x4.add
            (i32x4.add
              (i32x4.extmul_high_i16x8_s (local.get $r) (local.get $wr))
              (i32x4.extmul_high_i16x8_s (local.get $g) (local.get $wg)))
            (i32x4.extmul_high_i16x8_s (local.get $s) (local.get $wb))))
        (v128.store (local.get $out)
          (i16x8.min_u
            (i16x8.narrow_i32x4_u
              (i32x4.shr_s (local.get $a) (i32.const 8))
              (i32x4.shr_s (local.get $b) (i32.const 8)))
            (local.get $top)))
        (local.set $raw (i32.add (local.get $raw) (i32.const 48)))
        (local.set $out (i32.add (local.get $out) (i32.const 16)))
        (br $next))))

  (func $abs (param $v i32) (result i32)
    (select (local.get $v) (i32.sub (i32.const 0) (local.get $v)) (i32.ge_s (local.get $v) (i32.const 0))))

  ;; 1 when the bend at an address is over the threshold and a large part of its edge's height, step bytes being a pixel on.
  (func $isPeak (param $at i32) (param $step i32) (param $least i32) (param $part i32) (result i32)
    (local $twice i32) (local $bend i32) (local $before i32) (local $after i32) (local $height i32) (local $line i32)
    (local.set $twice (i32.shl (i32.load16_u (local.get $at)) (i32.const 1)))
    (local.set $bend
      (call $abs
        (i32.sub
          (i32.sub (local.get $twice) (i32.load16_u (i32.sub (local.get $at) (local.get $step))))
          (i32.load16_u (i32.add (local.get $at) (local.get $step))))))
    (if (i32.le_s (local.get $bend) (local.get $least)) (then (return (i32.const 0))))
    (local.set $step (i32.shl (local.get $step) (i32.const 1)))
    (local.set $before (i32.load16_u (i32.sub (local.get $at) (local.get $step))))
    (local.set $after (i32.load16_u (i32.add (local.get $at) (local.get $step))))
    (local.set $height (call $abs (i32.sub (local.get $after) (local.get $before))))
    (local.set $line
      (call $abs (i32.sub (i32.sub (local.get $twice) (local.get $before)) (local.get $after))))
    (if (i32.gt_s (local.get $line) (local.get $height)) (then (local.set $height (local.get $line))))
    (i32.ge_s (i32.shl (local.get $bend) (i32.const 8)) (i32.mul (local.get $part) (local.get $height))))

  ;; Marks the peaks of a row of luma but for two pixels at either end. thresholds: 16 bits for every level; floor: the lowest
  ;; of them; share: in 1/32768, what a threshold is at least of the light over black. bit is set in marks, a byte a pixel. Returns how many were marked.
  (func (export "markRow")
    (param $luma i32) (param $width i32) (param $thresholds i32) (param $floor i32) (param $black i32) (param $share i32)
    (param $part i32)
    (param $marks i32) (param $bit i32)
    (result i32)
    (local $x i32) (local $end i32) (local $row i32) (local $at i32) (local $bits i32) (local $marked i32)
    (local $least i32) (local $lane i32) (local $here v128) (local $floors v128)
    (local $blacks v128) (local $shares v128) (local $least8 v128) (local $one v128)
    (local.set $floors (i16x8.splat (local.get $floor)))
    (local.set $blacks (i16x8.splat (local.get $black)))
    (local.set $shares (i16x8.splat (local.get $share)))
    (local.set $one (i16x8.splat (i32.const 1)))
    (local.set $row (i32.shl (local.get $width) (i32.const 1)))
    (local.set $x (i32.const 2))
    (local.set $end (i32.sub (local.get $width) (i32.const 2)))
    (block $done
      (loop $next
        (br_if $done (i32.ge_s (local.get $x) (local.get $end)))
        (local.set $at (i32.add (local.get $luma) (i32.shl (local.get $x) (i32.const 1))))
        (local.set $here (v128.load (local.get $at)))
        ;; What no threshold lies under; rounding may have gone up by one.
        (local.set $least8
          (i16x8.max_s (local.get $floors)
            (i16x8.sub
              (i16x8.q15mulr_sat_s (i16x8.sub (local.get $here) (local.get $blacks)) (local.get $shares))
              (local.get $one))))
        (local.set $here (i16x8.add (local.get $here) (local.get $here)))
        (local.set $bits
          (i16x8.bitmask
            (v128.or
              (i16x8.gt_s
                (i16x8.abs
                  (i16x8.sub
                    (i16x8.sub (local.get $here) (v128.load (i32.sub (local.get $at) (i32.const 2))))
                    (v128.load offset=2 (local.get $at))))
                (local.get $least8))
              (i16x8.gt_s
                (i16x8.abs
                  (i16x8.sub
                    (i16x8.sub (local.get $here) (v128.load (i32.sub (local.get $at) (local.get $row))))
                    (v128.load (i32.add (local.get $at) (local.get $row)))))
                (local.get $least8)))))
        (block $looked
          (loop $lanes
            (br_if $looked (i32.eqz (local.get $bits)))
            (local.set $lane (i32.ctz (local.get $bits)))
            (local.set $bits (i32.and (local.get $bits) (i32.sub (local.get $bits) (i32.const 1))))
            (br_if $looked (i32.ge_s (i32.add (local.get $x) (local.get $lane)) (local.get $end)))
            (local.set $at
              (i32.add (local.get $luma)
                (i32.shl (i32.add (local.get $x) (local.get $lane)) (i32.const 1))))
            (local.set $least
              (i32.load16_u
                (i32.add (local.get $thresholds) (i32.shl (i32.load16_u (local.get $at)) (i32.const 1)))))
            (if
              (i32.or
                (call $isPeak (local.get $at) (i32.const 2) (local.get $least) (local.get $part))
                (call $isPeak (local.get $at) (local.get $row) (local.get $least) (local.get $part)))
              (then
                (local.set $at (i32.add (local.get $marks) (i32.add (local.get $x) (local.get $lane))))
                (i32.store8 (local.get $at) (i32.or (i32.load8_u (local.get $at)) (local.get $bit)))
                (local.set $marked (i32.add (local.get $marked) (i32.const 1)))))
            (br $lanes)))
        (local.set $x (i32.add (local.get $x) (i32.const 8)))
        (br $next)))
    (local.get $marked)))
